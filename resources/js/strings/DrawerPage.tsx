import type { DrawerString, Lot } from '../generated/views';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../server/api';
import { familyWords } from '../units/strings';
import { gaugeInches } from '../units/stringType';
import { formatGauge } from '../units/units';
import { useUnits } from '../units/useUnits';
import { buttonClass } from '../ui/classes';
import { tellFailure } from '../ui/toasts';
import { DRAWER_KEYS, isLow, shownKinds } from './drawer/lots';
import { LotDialog, type LotAct } from './drawer/LotDialog';
import { StringsFrame } from './StringsFrame';
import { headsOf, sorted } from '../ui/Sorted';
import { useAddress } from '../ui/useAddress';
import { FindField } from '../ui/FindField';
import { drawerIndex, drawerKeep, ordersIndex, stringsIndex } from '../generated/addresses/places';
import type { DrawerPage as Props } from '../generated/pages';
import { DrawerRow } from './drawer/DrawerRow';

/** What lies in the drawer, lot by lot, and what runs low. */
export default function DrawerPage({ contents }: Props) {
    const units = useUnits();
    const [{ for: words, low: only, order }, look] = useAddress({ for: '', low: '', order: '' });
    const lowOnly = only !== '';
    const head = headsOf(order, (next) => look({ order: next }));
    const [act, setAct] = useState<{ lot: Lot; act: LotAct } | null>(null);
    const nameOf = (kind: DrawerString) => `${formatGauge(gaugeInches(kind), units)} ${familyWords(kind)}`;
    const low = contents.filter(isLow).length;
    const reload = () => router.reload({ only: ['contents'] });
    const keep = async ({ construction, material, gauge_nm, least: seen }: DrawerString, typed: string) => {
        try {
            await ask(drawerKeep, {
                method: 'PUT',
                body: { construction, material, gauge_nm, least: typed === '' ? null : Number(typed), seen },
            });
            reload();
        } catch (error) {
            tellFailure(error);
            reload();
        }
    };
    return (
        <StringsFrame
            at={drawerIndex}
            tools={
                <Link href={stringsIndex} className={buttonClass.strong}>
                    Add strings…
                </Link>
            }
        >
            {contents.length === 0 ? (
                <Empty />
            ) : (
                <>
                    <Narrowed words={words} look={look} lowOnly={lowOnly} low={low} />
                    <table className="mt-3 w-full max-w-5xl">
                        <thead>
                            <tr className="border-b border-ink text-left text-sm text-ink-soft">
                                {head('gauge', 'String', 'pr-4')}
                                {head('there', 'There are', 'pr-4 text-right')}
                                {head('least', 'At least', 'pr-4 sm:w-28')}
                                <th className="py-1.5 font-normal">Lots</th>
                            </tr>
                        </thead>
                        <tbody>
                            {sorted(shownKinds(contents, words, lowOnly, nameOf), order, DRAWER_KEYS).map((kind) => (
                                <DrawerRow
                                    key={nameOf(kind)}
                                    nameOf={nameOf}
                                    units={units}
                                    keep={keep}
                                    setAct={setAct}
                                    kind={kind}
                                />
                            ))}
                        </tbody>
                    </table>
                </>
            )}
            {act !== null && (
                <LotDialog
                    key={`${act.lot.id} ${act.act}`}
                    lot={act.lot}
                    act={act.act}
                    onClose={() => {
                        setAct(null);
                        reload();
                    }}
                />
            )}
        </StringsFrame>
    );
}

/** Finds, and narrows to what runs low. */
function Narrowed({
    words,
    look,
    lowOnly,
    low,
}: {
    words: string;
    look: (changed: Partial<{ for: string; low: string; order: string }>, typing?: boolean) => void;
    lowOnly: boolean;
    low: number;
}) {
    return (
        <div className="mt-3 flex flex-wrap items-center gap-3">
            <FindField
                label="Find in the drawer"
                by="Find by gauge, material or name"
                words={words}
                onWords={(next) => look({ for: next }, true)}
            />
            <label className="flex min-h-9 items-center gap-2">
                <input type="checkbox" checked={lowOnly} onChange={(event) => look({ low: event.target.checked ? '1' : '' })} />
                Only what runs low ({low})
            </label>
        </div>
    );
}

/** How something comes into it. */
function Empty() {
    return (
        <p className="mt-8 max-w-prose text-ink-soft">
            The drawer is empty. What you order and take in under{' '}
            <Link href={ordersIndex} className="text-accent underline">
                Orders
            </Link>{' '}
            lies in it from then on. What you have already: find it under{' '}
            <Link href={stringsIndex} className="text-accent underline">
                All strings
            </Link>
            , press it, and say how many there are.
        </p>
    );
}
