import type { DrawnFit } from '../../generated/formats';
import { fineLength, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { FlagSign } from './FlagSign';
import { flagsAt, flagsOf } from './geometry';

const ROW = 34;
const TRACK = 300;

/** How far back each saddle has to go, with how sure that is, and how far it can; one row for each string, at one scale. */
export function SaddlesDrawing({ fit }: { fit: DrawnFit }) {
    const units = useUnits();
    const flags = flagsOf(fit);
    const most = Math.max(1, ...fit.strings.map(({ stand }) => Math.max(stand?.high_mm ?? 0, stand?.travel_mm ?? 0)));
    const scale = TRACK / most;
    return (
        <ul>
            {fit.strings.map(({ position, stand }) => {
                const [flag] = flagsAt(flags, ['saddle'], position);
                return (
                    <li key={position} className="grid grid-cols-[1.2rem_minmax(0,340px)_1fr] items-center gap-x-2">
                        <span className="font-semibold">{position}</span>
                        <svg viewBox={`-6 0 340 ${ROW}`} className="block w-full" aria-hidden>
                            <line x1={0} x2={0} y1={4} y2={ROW - 4} stroke="var(--rule-strong)" strokeDasharray="2 2" />
                            {stand !== null && (
                                <>
                                    {stand.travel_mm !== null && (
                                        <path
                                            d={`M0 ${ROW / 2 - 5} H${stand.travel_mm * scale} V${ROW / 2 + 5} H0`}
                                            fill="var(--rule)"
                                            stroke="var(--rule-strong)"
                                        />
                                    )}
                                    <rect
                                        x={Math.min(stand.low_mm, stand.high_mm) * scale}
                                        width={Math.abs(stand.high_mm - stand.low_mm) * scale}
                                        y={ROW / 2 - 3}
                                        height={6}
                                        rx={3}
                                        fill="var(--accent)"
                                        fillOpacity={0.4}
                                    />
                                    <line
                                        x1={stand.estimate_mm * scale}
                                        x2={stand.estimate_mm * scale}
                                        y1={5}
                                        y2={ROW - 5}
                                        stroke="var(--ink)"
                                        strokeWidth={3}
                                    />
                                </>
                            )}
                            {flag !== undefined && (
                                <FlagSign x={322} y={ROW / 2} number={flag.number} severity={flag.finding.severity} />
                            )}
                        </svg>
                        <span className="text-sm">{standWords(stand, units)}</span>
                    </li>
                );
            })}
        </ul>
    );
}

function standWords(stand: DrawnFit['strings'][number]['stand'], units: Units): string {
    if (stand === null) {
        return 'not known: its core cannot be modelled';
    }
    if (stand.to_be_measured) {
        return stand.travel_mm === null ? 'measure it' : `measure it; there are ${fineLength(stand.travel_mm, units, 1)}`;
    }
    const needs = `${fineLength(stand.estimate_mm, units, 1)} back`;
    const turns = stand.screw_turns === null ? '' : `, ${stand.screw_turns.toFixed(1)} turns`;
    return stand.travel_mm === null ? `${needs}${turns}` : `${needs} of ${fineLength(stand.travel_mm, units, 1)}${turns}`;
}
