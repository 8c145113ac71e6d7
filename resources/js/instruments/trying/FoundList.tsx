import { clsx } from 'clsx';
import { findingFigure } from '../../units/findingFigure';
import { REMEDIES } from '../../units/findings';
import { sentenceOf } from '../../units/sentences';
import type { DrawnFit } from '../../generated/formats';
import { NECK_SENTENCES } from '../../generated/neck';
import { useUnits } from '../../units/useUnits';
import { SeverityMark } from '../../ui/SeverityMark';

interface Props {
    fit: DrawnFit;
    position: number;
    onPosition: (position: number) => void;
}

/** What was found, numbered as it is marked on the drawings, by what cures it. */
export function FoundList({ fit, position, onPosition }: Props) {
    const units = useUnits();
    if (fit.findings.length === 0) {
        return <p className="py-1 text-ink-soft">Nothing is wrong with it, as far as this instrument was measured.</p>;
    }
    return REMEDIES.map(({ remedy, name }) => {
        const found = fit.findings
            .map((finding, index) => ({ finding, number: index + 1 }))
            .filter(({ finding }) => finding.remedy === remedy);
        return (
            found.length > 0 && (
                <div key={remedy} className="mt-2 first:mt-0">
                    <h3 className="text-sm font-semibold text-ink-soft">{name}</h3>
                    <ul>
                        {found.map(({ finding, number }) => (
                            <li
                                key={number}
                                className={clsx(
                                    'grid grid-cols-[1.4rem_1.1rem_1fr] gap-x-1 border-b border-rule/70 py-1.5 last:border-b-0',
                                    finding.position === position && 'bg-accent-wash/60',
                                )}
                            >
                                <span className="font-bold">{number}</span>
                                <span className="translate-y-0.5">
                                    <SeverityMark severity={finding.severity} />
                                </span>
                                <div>
                                    <p>{sentenceOf(finding, units, NECK_SENTENCES)}</p>
                                    <p className="text-sm text-ink-soft">
                                        {finding.value !== null && finding.limit !== null && (
                                            <>
                                                {findingFigure(finding.value, finding.unit, units)} here, the limit{' '}
                                                {findingFigure(finding.limit, finding.unit, units)}.{' '}
                                            </>
                                        )}
                                        {finding.position !== null && (
                                            <button
                                                type="button"
                                                className="min-h-target text-accent hover:underline"
                                                onClick={() => finding.position !== null && onPosition(finding.position)}
                                            >
                                                Show string {finding.position}
                                            </button>
                                        )}
                                    </p>
                                </div>
                            </li>
                        ))}
                    </ul>
                </div>
            )
        );
    });
}
