import type { Order } from '../../generated/views';
import { router } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { buttonClass, fieldClass } from '../../ui/classes';
import { tellFailure, toast } from '../../ui/toasts';
import { lineWords } from '../orders';
import { price } from '../supply';
import { dateWords } from '../../units/times';
import {
    ordersArrive,
    ordersCsv,
    ordersDestroy,
    ordersPdf,
    ordersReceive,
    ordersSend,
    ordersUnarchive,
    ordersUse,
} from '../../generated/addresses/orders';

export function OrderOf({ order }: { order: Order }) {
    const [whole, setWhole] = useState<Record<number, string>>({});
    const act = async (address: typeof ordersSend, body?: unknown) => {
        try {
            await ask(address(order.id), { method: 'POST', body });
            // What was counted of one parcel says nothing of the next.
            setWhole({});
            router.reload({ only: ['orders'] });
        } catch (error) {
            tellFailure(error);
            router.reload({ only: ['orders'] });
        }
    };
    const drop = async () => {
        try {
            await ask(ordersDestroy(order.id), { method: 'DELETE' });
            toast(
                `Order ${order.id} was dropped${order.kept > 0 ? '; what was kept for it is free again once none of its orders is left' : ''}.`,
                { action: { label: 'Undo', run: () => void act(ordersUnarchive) } },
            );
        } catch (error) {
            tellFailure(error);
        }
        router.reload({ only: ['orders'] });
    };
    const words = {
        draft: 'not sent yet',
        'on its way': `on its way${order.due_on === null ? '' : `, due on ${dateWords(order.due_on)}`}`,
        arrived: 'arrived: see what came whole',
        done: 'all in the drawer',
    }[order.status];
    return (
        <section aria-label={`Order ${order.id}`}>
            <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                <h2 className="font-bold">
                    {order.supplier}{' '}
                    <span className="font-normal text-ink-soft">
                        order {order.id}, {dateWords(order.since)}
                    </span>
                </h2>
                <span className="font-semibold">{words}</span>
                <span className="ml-auto font-bold">{price(order.total_cents, order.currency)}</span>
            </div>
            <p className="text-sm text-ink-soft">
                for {order.name}
                {order.kept > 0 &&
                    `; ${order.kept} ${order.kept === 1 ? 'string' : 'strings'} of the drawer ${order.kept === 1 ? 'is' : 'are'} kept for it`}
            </p>
            <OrderLines order={order} whole={whole} setWhole={setWhole} />
            <OrderActs order={order} act={act} drop={drop} whole={whole} />
        </section>
    );
}

/** What is on it. */
function OrderLines({
    order,
    whole,
    setWhole,
}: {
    order: Order;
    whole: Record<number, string>;
    setWhole: Dispatch<SetStateAction<Record<number, string>>>;
}) {
    return (
        <ul className="mt-1">
            {order.lines.map((line) => (
                <li key={line.id} className="flex flex-wrap items-center gap-x-3 py-0.5">
                    <span className="min-w-0 flex-1 basis-64">
                        {lineWords(line)} <span className="text-sm text-ink-soft">{line.code}</span>
                    </span>
                    {order.status === 'arrived' && (
                        <label className="flex items-center gap-2 text-sm">
                            came whole
                            <input
                                type="number"
                                min={0}
                                max={line.count - line.received}
                                className={`${fieldClass} h-8! w-16!`}
                                aria-label={`How many of ${line.name} came whole`}
                                value={whole[line.id] ?? String(line.sent)}
                                onChange={(event) => setWhole({ ...whole, [line.id]: event.target.value })}
                            />
                            of {line.count - line.received}
                        </label>
                    )}
                    {order.status !== 'arrived' && line.received > 0 && (
                        <span className="text-sm text-ink-soft">
                            {line.received} of {line.count} in the drawer
                        </span>
                    )}
                    <span className="w-24 text-right">{price(line.count * line.cents, order.currency)}</span>
                </li>
            ))}
            <li className="flex text-ink-soft">
                <span className="flex-1">Parcel</span>
                {order.shipping_cents === 0 ? 'free' : price(order.shipping_cents, order.currency)}
            </li>
        </ul>
    );
}

/** What comes next with it. */
function OrderActs({
    order,
    act,
    drop,
    whole,
}: {
    order: Order;
    act: (address: typeof ordersSend, body?: unknown) => Promise<void>;
    drop: () => Promise<void>;
    whole: Record<number, string>;
}) {
    return (
        <div className="mt-1.5 flex flex-wrap gap-2">
            {order.status === 'draft' && (
                <>
                    <Button look="strong" onClick={() => void act(ordersSend)}>
                        Send to the simulated supplier
                    </Button>
                    <Button look="quiet" onClick={() => void drop()}>
                        Drop it
                    </Button>
                </>
            )}
            {order.status === 'on its way' && <Button onClick={() => void act(ordersArrive)}>The parcel is here</Button>}
            {order.status === 'arrived' && (
                <Button
                    look="strong"
                    onClick={() =>
                        void act(ordersReceive, {
                            lines: Object.fromEntries(order.lines.map((line) => [line.id, Number(whole[line.id] ?? line.sent)])),
                        })
                    }
                >
                    Put it in the drawer
                </Button>
            )}
            {order.kept > 0 && (
                <Button look="quiet" onClick={() => void act(ordersUse)}>
                    Take out what is kept
                </Button>
            )}
            <a className={buttonClass.quiet} href={ordersPdf(order.id)} target="_blank" rel="noreferrer">
                Print
            </a>
            <a className={buttonClass.quiet} href={ordersCsv(order.id)}>
                As CSV
            </a>
        </div>
    );
}
