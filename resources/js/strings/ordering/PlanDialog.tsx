import { useAct } from '../../server/useAct';
import type { Plan, PlannedOrder } from '../../generated/views';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask } from '../../server/api';
import { familyWords } from '../../units/strings';
import { gaugeInches, typeKey } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useAsked } from '../../server/useAsked';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { Glyph } from '../../ui/Glyph';
import { SearchField } from '../../ui/SearchField';
import { Select } from '../../ui/Select';
import { lineWords, planWords, type Wanted } from '../orders';
import { price } from '../supply';
import { ordersPlan, ordersStore } from '../../generated/addresses/places';

interface Props {
    begin: { id: number; name: string }[];
    /** Whether what is on the order list is ordered with it, to begin with. */
    listed: boolean;
    /** How many entries the order list has. */
    onList: number;
    onClose: (placed: boolean) => void;
}

/** What to order for some designs: the drawer first, then the cheapest there is, and why. */
export function PlanDialog({ begin, listed: fromList, onList, onClose }: Props) {
    const units = useUnits();
    const { wanted, setWanted, listed, setListed, setCurrency, plan, error, isPlaceholderData, place, busy, problem } = usePlan(
        begin,
        fromList,
        onClose,
    );
    return (
        <Dialog
            open
            onOpenChange={() => onClose(false)}
            title="Order for sets"
            description="What lies in the drawer is kept for it first; the rest is bought as cheaply as it can be, parcels included."
            width="wider"
        >
            <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[20rem_1fr]">
                <div>
                    <WantedSets wanted={wanted} onChange={setWanted} />
                    {onList > 0 && (
                        <label className="mt-3 flex items-center gap-2">
                            <input type="checkbox" checked={listed} onChange={(event) => setListed(event.target.checked)} />
                            What is on the order list, too
                        </label>
                    )}
                    <div className="mt-3">
                        <SearchField
                            label={wanted.length === 0 ? 'Order for' : 'And for'}
                            pick={(found) => found.sets.filter(({ id }) => !wanted.some((each) => each.id === id))}
                            onTake={({ id, name }) => setWanted([...wanted, { id, name, times: 1, spares: 0 }])}
                        />
                    </div>
                    {plan !== undefined && plan.currencies.length > 1 && <PaidIn plan={plan} setCurrency={setCurrency} />}
                </div>
                <div aria-live="polite" aria-busy={isPlaceholderData}>
                    {(wanted.length === 0 && !listed) || plan === undefined ? (
                        <p className="text-ink-soft">
                            {wanted.length === 0 && !listed
                                ? 'Choose the sets to order for.'
                                : (error?.message ?? 'Working it out…')}
                        </p>
                    ) : (
                        <Planned plan={plan} units={units} />
                    )}
                </div>
            </div>
            {problem !== undefined && (
                <p role="alert" className="mt-3 text-stop">
                    {problem}
                </p>
            )}
            <Decide
                busy={busy}
                isPlaceholderData={isPlaceholderData}
                plan={plan}
                wanted={wanted}
                listed={listed}
                place={place}
                onClose={onClose}
            />
        </Dialog>
    );
}

/** What is ordered for, what that comes to, and its placing. */
function usePlan(begin: Props['begin'], fromList: boolean, onClose: Props['onClose']) {
    const [wanted, setWanted] = useState<Wanted[]>(begin.map((each) => ({ ...each, times: 1, spares: 0 })));
    const [listed, setListed] = useState(fromList);
    const { act, busy, problem } = useAct();
    const [currency, setCurrency] = useState<string | null>(null);
    // Sent twice, by a second click or another try, it is placed once.
    const [key] = useState(() => crypto.getRandomValues(new Uint32Array(4)).join('-'));
    const body = JSON.stringify({ sets: wanted.map(({ id, times, spares }) => ({ id, times, spares })), listed, currency });
    const { data: plan, error, isPlaceholderData } = useAsked<Plan>(ordersPlan, wanted.length === 0 && !listed ? null : body);
    const place = () =>
        act(async () => {
            await ask(ordersStore, {
                method: 'POST',
                body: { ...(JSON.parse(body) as object), total_cents: plan?.total_cents, key },
            });
            onClose(true);
        });
    return { wanted, setWanted, listed, setListed, setCurrency, plan, error, isPlaceholderData, place, busy, problem };
}

/** The sets that are ordered for, how often, with how many spares. */
function WantedSets({ wanted, onChange }: { wanted: Wanted[]; onChange: (wanted: Wanted[]) => void }) {
    const change = (id: number, changed: Partial<Wanted>) =>
        onChange(wanted.map((each) => (each.id === id ? { ...each, ...changed } : each)));
    return (
        <ul>
            {wanted.map((each) => (
                <li key={each.id} className="border-b border-rule py-2">
                    <div className="flex items-center justify-between gap-2">
                        <strong className="min-w-0 truncate">{each.name}</strong>
                        <Button
                            look="quiet"
                            className="h-7 w-7 px-0"
                            aria-label={`Leave out ${each.name}`}
                            onClick={() => onChange(wanted.filter(({ id }) => id !== each.id))}
                        >
                            <Glyph sign="close" />
                        </Button>
                    </div>
                    <div className="mt-1 flex gap-4">
                        <HowMany of={each} what="times" label="Sets" least={1} onChange={change} />
                        <HowMany of={each} what="spares" label="Spares" least={0} onChange={change} />
                    </div>
                </li>
            ))}
        </ul>
    );
}

/** In which money it is paid. */
function PaidIn({ plan, setCurrency }: { plan: Plan; setCurrency: Dispatch<SetStateAction<string | null>> }) {
    return (
        <div className="mt-3">
            <Field label="Paid in" hint="One order is paid in one currency, so only suppliers that take it are asked.">
                <Select
                    value={plan.currency}
                    choices={plan.currencies.map((each) => ({ value: each, label: each }))}
                    onChange={setCurrency}
                />
            </Field>
        </div>
    );
}

/** What lies in the drawer, what is bought where, and why. */
function Planned({ plan, units }: { plan: Plan; units: Units }) {
    return (
        <>
            {plan.drawer.length > 0 && (
                <section aria-label="From the drawer">
                    <h3 className="border-b border-ink pb-1 font-bold">From the drawer</h3>
                    <ul className="py-1">
                        {plan.drawer.map((taken, index) => (
                            <li key={index}>
                                {taken.count} × {taken.name}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {plan.orders.map((order) => (
                <OneOrder key={order.supplier} order={order} />
            ))}
            {plan.missing.length > 0 && (
                <section aria-label="Nobody lists" className="mt-3">
                    <h3 className="border-b border-ink pb-1 font-bold">Nobody lists</h3>
                    <ul className="py-1 text-caution">
                        {plan.missing.map((kind) => (
                            <li key={typeKey(kind)}>
                                {kind.count} × {formatGauge(gaugeInches(kind), units)} {familyWords(kind)}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <p className="mt-3 text-lg">
                <strong>{price(plan.total_cents, plan.currency)}</strong>{' '}
                <span className="text-base text-ink-soft">for what has to be bought of {plan.needed} strings</span>
            </p>
            {plan.orders.length > 0 && (
                <ul className="mt-1 text-sm text-ink-soft">
                    {planWords(plan).map((words) => (
                        <li key={words}>{words}</li>
                    ))}
                </ul>
            )}
        </>
    );
}

/** What is ordered of one supplier. */
function OneOrder({ order }: { order: PlannedOrder }) {
    return (
        <section aria-label={order.supplier} className="mt-3 first:mt-0">
            <h3 className="border-b border-ink pb-1 font-bold">{order.supplier}</h3>
            <table className="w-full">
                <tbody>
                    {order.lines.map((line) => (
                        <tr key={line.kind + line.code} className="border-b border-rule">
                            <td className="py-1 pr-3">{lineWords(line)}</td>
                            <td className="py-1 pr-3 text-sm text-ink-soft">{line.code}</td>
                            <td className="py-1 text-right whitespace-nowrap">
                                {price(line.count * line.cents, order.currency)}
                            </td>
                        </tr>
                    ))}
                    <tr className="border-b border-rule text-ink-soft">
                        <td className="py-1 pr-3">A parcel, in about {order.lead_days} days</td>
                        <td />
                        <td className="py-1 text-right whitespace-nowrap">
                            {order.shipping_cents === 0 ? 'free' : price(order.shipping_cents, order.currency)}
                        </td>
                    </tr>
                </tbody>
            </table>
        </section>
    );
}

/** Keeps the orders, or leaves it. */
function Decide({
    busy,
    isPlaceholderData,
    plan,
    wanted,
    listed,
    place,
    onClose,
}: {
    busy: boolean;
    isPlaceholderData: boolean;
    plan: Plan | undefined;
    wanted: Wanted[];
    listed: boolean;
    place: () => void;
    onClose: Props['onClose'];
}) {
    return (
        <div className="mt-4 flex gap-2 border-t border-rule pt-3">
            <Button
                look="strong"
                disabled={
                    busy ||
                    isPlaceholderData ||
                    plan === undefined ||
                    (wanted.length === 0 && !listed) ||
                    (plan.orders.length === 0 && plan.drawer.length === 0)
                }
                onClick={() => place()}
            >
                {plan !== undefined && plan.orders.length === 0 ? 'Take them from the drawer' : 'Keep these orders'}
            </Button>
            <Button look="quiet" onClick={() => onClose(false)}>
                Leave it
            </Button>
        </div>
    );
}

interface HowManyProps {
    of: Wanted;
    what: 'times' | 'spares';
    label: string;
    least: number;
    onChange: (id: number, changed: Partial<Wanted>) => void;
}

/** How often a set is ordered for, or how many spares of each string. */
function HowMany({ of, what, label, least, onChange }: HowManyProps) {
    return (
        <label className="flex items-center gap-2 text-sm text-ink-soft">
            {label}
            <input
                type="number"
                min={least}
                max={what === 'times' ? 50 : 20}
                className={`${fieldClass} w-16!`}
                aria-label={`${label} of ${of.name}`}
                value={of[what]}
                onChange={(event) =>
                    onChange(of.id, { [what]: Math.max(least, Math.round(Number(event.target.value)) || least) })
                }
            />
        </label>
    );
}
