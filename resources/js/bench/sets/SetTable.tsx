import { Fragment } from 'react';
import { alongRows } from '../../ui/alongRows';
import { headsOf } from '../../ui/Sorted';
import { GroupHead, SetRow } from './SetRow';
import type { SetSummary as Summary } from '../../generated/views';
import { idsOf, type useMarked } from './useMarked';

interface Props {
    rows: Summary[];
    /** All that match, of which the rows are a page. */
    found: Summary[];
    grouped: boolean;
    /** How many there are on each instrument. */
    ofInstrument: ReadonlyMap<number, number>;
    away: boolean;
    head: ReturnType<typeof headsOf>;
    marked: Pick<ReturnType<typeof useMarked>, 'marked' | 'ticked' | 'tick' | 'putSomeAway' | 'bringSomeBack'>;
    onShare: (set: Summary) => void;
}

/** Sets as a table, under their instruments as they come. */
export function SetTable({ rows, found, grouped, ofInstrument, away, head, marked: marks, onShare }: Props) {
    const { marked, ticked, tick, putSomeAway, bringSomeBack } = marks;
    return (
        <table className="mt-4 w-full" onKeyDown={alongRows}>
            <caption className="sr-only">Sets. The arrow keys lead along a row and from row to row.</caption>
            <thead>
                <tr className="border-b border-ink text-left text-sm text-ink-soft">
                    <th scope="col" className="w-8">
                        <label className="flex size-[24px] items-center justify-center">
                            <span className="sr-only">Tick every set that is listed</span>
                            <input
                                type="checkbox"
                                checked={found.length > 0 && ticked.length === found.length}
                                onChange={(event) => tick(idsOf(found), event.target.checked)}
                            />
                        </label>
                    </th>
                    {head('name', 'Set', 'pr-4')}
                    {!grouped && head('instrument', 'Instrument', 'pr-4 max-sm:hidden')}
                    {head('gauges', 'Gauges', 'pr-4 max-md:hidden')}
                    {head('tunings', 'Tunings', 'pr-4 max-md:hidden')}
                    {head('changed', 'Changed', 'pr-4 text-right max-md:hidden')}
                    <th scope="col" className="w-10">
                        <span className="sr-only">More</span>
                    </th>
                </tr>
            </thead>
            <tbody>
                {rows.map((set, index) => (
                    <Fragment key={set.id}>
                        {grouped && set.instrumentId !== rows[index - 1]?.instrumentId && (
                            <GroupHead set={set} count={ofInstrument.get(set.instrumentId) ?? 1} />
                        )}
                        <SetRow
                            set={set}
                            grouped={grouped}
                            away={away}
                            ticked={marked.has(set.id)}
                            onTick={(on) => tick([set.id], on)}
                            onPutAway={() => putSomeAway([set])}
                            onBringBack={() => bringSomeBack([set])}
                            onShare={() => onShare(set)}
                        />
                    </Fragment>
                ))}
            </tbody>
        </table>
    );
}
