import type { Order, Wanted } from '../generated/views';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../server/api';
import { familyWords } from '../units/strings';
import { gaugeInches } from '../units/stringType';
import { formatGauge } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Glyph } from '../ui/Glyph';
import { tellFailure, toast } from '../ui/toasts';
import { PlanDialog } from './ordering/PlanDialog';
import { lineWords } from './orders';
import { StringsFrame } from './StringsFrame';
import { price } from './supply';
import { dateWords } from '../units/times';

interface Props {
    orders: Order[];
    /** What is on the order list. */
    wanted: Wanted[];
    /** Designs that an order is begun for. */
    begin: { id: number; name: string }[];
}

/** What is ordered, on its way, and to go into the drawer. */
export default function OrdersPage({ orders, wanted, begin }: Props) {
    const [planning, setPlanning] = useState<'designs' | 'list' | null>(begin.length === 0 ? null : 'designs');
    return (
        <StringsFrame
            at="/strings/orders"
            tools={
                <Button look="strong" onClick={() => setPlanning('designs')}>
                    Order for designs…
                </Button>
            }
        >
            {wanted.length > 0 && <OrderList wanted={wanted} onOrder={() => setPlanning('list')} />}
            {orders.length === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Nothing is ordered. Choose one or several designs: what lies in the drawer is taken first, and the rest is
                    bought as cheaply as it can be.
                </p>
            )}
            <ul className="mt-2 max-w-5xl">
                {orders.map((order) => (
                    <li key={order.id} id={`order-${order.id}`} className="border-b border-rule py-3">
                        <OrderOf order={order} />
                    </li>
                ))}
            </ul>
            {planning !== null && (
                <PlanDialog
                    begin={planning === 'designs' ? begin : []}
                    listed={planning === 'list'}
                    onList={wanted.length}
                    onClose={(placed) => {
                        setPlanning(null);
                        if (placed) {
                            router.reload({ only: ['orders', 'wanted'] });
                        }
                    }}
                />
            )}
        </StringsFrame>
    );
}

/** What is missing somewhere, to be ordered with the next parcel. */
function OrderList({ wanted, onOrder }: { wanted: Wanted[]; onOrder: () => void }) {
    const units = useUnits();
    const drop = async (id: number) => {
        try {
            await ask(`/strings/wanted/${id}`, { method: 'DELETE' });
        } catch (error) {
            tellFailure(error);
        }
        router.reload({ only: ['wanted'] });
    };
    return (
        <section aria-label="Order list" className="mt-3 max-w-5xl border-l-4 border-l-accent bg-sheet px-4 py-3">
            <div className="flex flex-wrap items-center gap-3">
                <h2 className="font-bold">Order list</h2>
                <span className="text-ink-soft">missing somewhere, not ordered yet</span>
                <Button look="strong" className="ml-auto" onClick={onOrder}>
                    Order these…
                </Button>
            </div>
            <ul className="mt-1">
                {wanted.map((each) => (
                    <li key={each.id} className="flex flex-wrap items-center gap-x-3 border-t border-rule py-1">
                        <span className="min-w-0 flex-1 basis-64">
                            {each.count} × {formatGauge(gaugeInches(each), units)} {familyWords(each)}{' '}
                            <span className="text-sm text-ink-soft">{each.note}</span>
                        </span>
                        {each.free >= each.count && <span className="text-sm text-accent">lies in the drawer by now</span>}
                        {each.job !== null && (
                            <Link href={`/jobs/${each.job}`} className="text-sm underline underline-offset-2">
                                its job
                            </Link>
                        )}
                        <Button
                            look="quiet"
                            className="h-7 w-7 px-0"
                            aria-label={`Take ${formatGauge(gaugeInches(each), units)} off the list`}
                            onClick={() => void drop(each.id)}
                        >
                            <Glyph sign="close" />
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function OrderOf({ order }: { order: Order }) {
    const [whole, setWhole] = useState<Record<number, string>>({});
    const act = async (what: string, body?: unknown) => {
        try {
            await ask(`/strings/orders/${order.id}/${what}`, { method: 'POST', body });
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
            await ask(`/strings/orders/${order.id}`, { method: 'DELETE' });
            toast(
                `Order ${order.id} was dropped${order.kept > 0 ? '; what was kept for it is free again once none of its orders is left' : ''}.`,
                { action: { label: 'Undo', run: () => void act('unarchive') } },
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
            <div className="mt-1.5 flex flex-wrap gap-2">
                {order.status === 'draft' && (
                    <>
                        <Button look="strong" onClick={() => void act('send')}>
                            Send to the simulated supplier
                        </Button>
                        <Button look="quiet" onClick={() => void drop()}>
                            Drop it
                        </Button>
                    </>
                )}
                {order.status === 'on its way' && <Button onClick={() => void act('arrive')}>The parcel is here</Button>}
                {order.status === 'arrived' && (
                    <Button
                        look="strong"
                        onClick={() =>
                            void act('receive', {
                                lines: Object.fromEntries(
                                    order.lines.map((line) => [line.id, Number(whole[line.id] ?? line.sent)]),
                                ),
                            })
                        }
                    >
                        Put it in the drawer
                    </Button>
                )}
                {order.kept > 0 && (
                    <Button look="quiet" onClick={() => void act('use')}>
                        Take out what is kept
                    </Button>
                )}
                <a className={buttonClass.quiet} href={`/strings/orders/${order.id}/pdf`} target="_blank" rel="noreferrer">
                    Print
                </a>
                <a className={buttonClass.quiet} href={`/strings/orders/${order.id}/csv`}>
                    As CSV
                </a>
            </div>
        </section>
    );
}
