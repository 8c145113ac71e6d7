import { Link, router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { gaugeInches } from '../../units/stringType';
import { dateWords } from '../../units/times';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine, MenuLink } from '../../ui/Menu';
import { tellFailure } from '../../ui/toasts';
import type { SetSummary as Summary } from '../../generated/views';
import { benchShow } from '../../generated/addresses/bench';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import { jobsCreate, ordersIndex } from '../../generated/addresses/places';
import { setsDuplicate, setsExport, setsSheet } from '../../generated/addresses/sets';
import { withAsked } from '../../server/asked';

/** Of the table: tick, name, gauges, tunings, changed, more. */
const COLUMNS = 6;

interface Props {
    set: Summary;
    /** Whether it stands under its instrument. */
    grouped: boolean;
    away: boolean;
    ticked: boolean;
    onTick: (ticked: boolean) => void;
    onPutAway: () => void;
    onBringBack: () => void;
    onShare: () => void;
}

/** A set in the list: what it is, and what can be done with it. */
export function SetRow({ set, grouped, away, ticked, onTick, onPutAway, onBringBack, onShare }: Props) {
    const units = useUnits();
    return (
        <tr data-row className="border-b border-rule hover:bg-sheet">
            <td className="w-8 py-2">
                <label className="flex size-[24px] items-center justify-center">
                    <span className="sr-only">Tick {set.name}</span>
                    <input type="checkbox" tabIndex={-1} checked={ticked} onChange={(event) => onTick(event.target.checked)} />
                </label>
            </td>
            <td className="py-2 pr-4">
                {away ? (
                    <span className="font-semibold">{set.name}</span>
                ) : (
                    <Link
                        href={benchShow(set.id)}
                        className="font-semibold underline decoration-transparent underline-offset-3 hover:decoration-accent"
                    >
                        {set.name}
                    </Link>
                )}
            </td>
            {!grouped && (
                <td className="py-2 pr-4 max-sm:hidden">
                    <Link
                        tabIndex={-1}
                        href={instrumentsEdit(set.instrumentId)}
                        className="underline decoration-transparent underline-offset-3 hover:decoration-accent"
                    >
                        {set.instrument}
                    </Link>
                    <span className="block text-sm text-ink-faint">{set.kind}</span>
                </td>
            )}
            <td className="py-2 pr-4 max-md:hidden">
                {set.gauges_nm.map((gauge_nm) => formatGauge(gaugeInches({ gauge_nm }), units)).join(' · ')}
            </td>
            <td className="py-2 pr-4 text-ink-soft max-md:hidden">{set.tunings.filter(Boolean).join(', ')}</td>
            <td className="py-2 pr-4 text-right whitespace-nowrap text-ink-soft max-md:hidden">{dateWords(set.savedAt)}</td>
            <td className="py-1 text-right">
                {away ? (
                    <Button look="quiet" aria-label={`Bring back ${set.name}`} onClick={onBringBack}>
                        Bring back
                    </Button>
                ) : (
                    <More set={set} onPutAway={onPutAway} onShare={onShare} />
                )}
            </td>
        </tr>
    );
}

/** What stands over the sets of an instrument. */
export function GroupHead({ set, count }: { set: Summary; count: number }) {
    return (
        <tr className="border-b border-rule-strong">
            <th scope="colgroup" colSpan={COLUMNS} className="pt-4 pb-1 text-left">
                <Link
                    href={instrumentsEdit(set.instrumentId)}
                    className="text-lg font-bold underline decoration-transparent underline-offset-3 hover:decoration-accent"
                >
                    {set.instrument}
                </Link>{' '}
                <span className="font-normal text-ink-soft">
                    {set.kind}
                    {count > 1 && `, ${count} sets`}
                </span>
            </th>
        </tr>
    );
}

function More({ set, onPutAway, onShare }: { set: Summary; onPutAway: () => void; onShare: () => void }) {
    const duplicate = async () => {
        const { id } = await ask<{ id: number }>(setsDuplicate(set.id), { method: 'POST' });
        router.visit(benchShow(id));
    };
    return (
        <Menu
            trigger={
                <Button look="quiet" tabIndex={-1} className="w-9 px-0" aria-label={`More for ${set.name}`}>
                    <Glyph sign="more" />
                </Button>
            }
        >
            <MenuItem onSelect={() => router.visit(benchShow(set.id))}>Open on the Bench</MenuItem>
            <MenuItem onSelect={() => void duplicate().catch(tellFailure)}>Duplicate</MenuItem>
            <MenuItem onSelect={() => router.visit(withAsked(jobsCreate, { set: set.id }))}>Put it on: begin a job…</MenuItem>
            <MenuItem onSelect={() => router.visit(withAsked(ordersIndex, { set: set.id }))}>Order its strings…</MenuItem>
            <MenuLink href={setsSheet(set.id)} newTab>
                Print the sheet
            </MenuLink>
            <MenuItem onSelect={onShare}>Share it…</MenuItem>
            <MenuLink href={setsExport(set.id)}>Export set document</MenuLink>
            <MenuLine />
            <MenuItem onSelect={onPutAway}>Put away</MenuItem>
        </Menu>
    );
}
