import { useId, useState } from 'react';
import type { Finding } from '../../generated/formats';
import { useUnits } from '../../units/useUnits';
import { useBench } from '../design/benchStore';
import { focusLane } from '../lanes/focusLane';
import { findingFigure } from '../../units/findingFigure';
import { REMEDIES } from '../../units/findings';
import { sentenceOf } from '../../units/sentences';
import { SeverityMark } from '../../ui/SeverityMark';

const SHOWN = 5;

/** What must be checked, by what to do about it; each opens to its figures and reason, and leads to its string. */
export function Findings({ findings, severalTunings }: { findings: Finding[]; severalTunings: boolean }) {
    const [all, setAll] = useState(false);
    const shown = all ? findings : findings.slice(0, SHOWN);
    if (findings.length === 0) {
        return (
            <section aria-label="Findings" className="w-full">
                <p className="text-ink-soft">Nothing to warn of, as far as this instrument was measured.</p>
            </section>
        );
    }
    return (
        <section aria-label="Findings" className="w-full">
            {REMEDIES.map(({ remedy, name }) => {
                const of = shown.filter((finding) => finding.remedy === remedy);
                return (
                    of.length > 0 && (
                        <div
                            key={remedy}
                            className="grid gap-x-4 border-b border-rule/70 last:border-b-0 sm:grid-cols-[9.5rem_minmax(0,1fr)]"
                        >
                            <h3 className="pt-1.5 text-sm font-semibold text-ink-soft">{name}</h3>
                            <ul>
                                {of.map((finding) => (
                                    <FindingLine
                                        key={`${finding.code} ${finding.position} ${finding.tuning}`}
                                        finding={finding}
                                        severalTunings={severalTunings}
                                    />
                                ))}
                            </ul>
                        </div>
                    )
                );
            })}
            {findings.length > SHOWN && (
                <button
                    type="button"
                    className="mt-1 min-h-target text-sm text-accent hover:underline"
                    aria-expanded={all}
                    onClick={() => setAll(!all)}
                >
                    {all ? 'Show fewer' : `and ${findings.length - SHOWN} more`}
                </button>
            )}
        </section>
    );
}

/** One finding in a line, opening to its figure, its limit and the reason for that. */
function FindingLine({ finding, severalTunings }: { finding: Finding; severalTunings: boolean }) {
    const units = useUnits();
    const id = useId();
    const select = useBench((state) => state.select);
    const [open, setOpen] = useState(false);
    const { position, value, limit, reason } = finding;
    const message = sentenceOf(finding, units);
    const go = (to: number) => {
        select(to);
        focusLane(to);
    };
    return (
        <li className="py-1">
            <div className="flex items-baseline gap-x-2.5 max-sm:flex-wrap">
                <span className="translate-y-0.5">
                    <SeverityMark severity={finding.severity} />
                </span>
                <span className="min-w-0 flex-1 max-sm:basis-[calc(100%-2rem)]">{message}</span>
                {severalTunings && finding.tuning !== null && (
                    <span className="text-sm text-ink-faint max-sm:ml-6 sm:max-w-32">{finding.tuning}</span>
                )}
                {position !== null && (
                    <button
                        type="button"
                        className="min-h-target rounded-mark px-1 text-sm whitespace-nowrap text-accent hover:bg-accent-wash"
                        onClick={() => go(position)}
                    >
                        string {position}
                    </button>
                )}
                {(value !== null || reason !== null) && (
                    <button
                        type="button"
                        aria-expanded={open}
                        aria-controls={id}
                        aria-label={`Why: ${message}`}
                        className="min-h-target rounded-mark px-1 text-sm whitespace-nowrap text-accent hover:bg-accent-wash"
                        onClick={() => setOpen(!open)}
                    >
                        why
                    </button>
                )}
            </div>
            <div id={id} hidden={!open} className="mb-1 ml-6 text-sm text-ink-soft">
                {value !== null && (
                    <p>
                        Here <strong className="text-ink">{findingFigure(value, finding.unit, units)}</strong>
                        {limit !== null && <>, the limit {findingFigure(limit, finding.unit, units)}</>}.
                    </p>
                )}
                {reason !== null && <p>{reason}</p>}
            </div>
        </li>
    );
}
