import { clsx } from 'clsx';
import { useState } from 'react';
import type { Finding } from '../lib/formats';
import { useBench } from './benchStore';

const SHOWN = 3;

const LOOKS: Record<Finding['severity'], { word: string; className: string; path: string; filled: boolean }> = {
    stop: { word: 'Stop', className: 'text-stop', path: 'M5 1.5 H11 L14.5 5 V11 L11 14.5 H5 L1.5 11 V5 Z', filled: true },
    caution: { word: 'Caution', className: 'text-caution', path: 'M8 2 L14.5 13.5 H1.5 Z', filled: false },
    note: { word: 'Note', className: 'text-ink-soft', path: 'M8 3 A5 5 0 1 1 8 13 A5 5 0 1 1 8 3 Z', filled: false },
};

export function SeverityMark({ severity }: { severity: Finding['severity'] }) {
    const look = LOOKS[severity];
    return (
        <span className={clsx('inline-flex', look.className)}>
            <svg width={14} height={14} viewBox="0 0 16 16" aria-hidden>
                <path
                    d={look.path}
                    fill={look.filled ? 'currentColor' : 'none'}
                    stroke="currentColor"
                    strokeWidth={1.6}
                    strokeLinejoin="round"
                />
            </svg>
            <span className="sr-only">{look.word}: </span>
        </span>
    );
}

/** What must be checked, the gravest first; each leads to the string it is about. */
export function Findings({ findings, severalTunings }: { findings: Finding[]; severalTunings: boolean }) {
    const select = useBench((state) => state.select);
    const [all, setAll] = useState(false);
    const shown = all ? findings : findings.slice(0, SHOWN);
    const go = (position: number) => {
        select(position);
        document.querySelector<SVGGElement>(`[data-lane="${position}"] [role="slider"]`)?.focus();
    };
    return (
        <section aria-label="Findings" className="w-full">
            {findings.length === 0 ? (
                <p className="text-ink-soft">Nothing to warn of, as far as this instrument was measured.</p>
            ) : (
                <ul>
                    {shown.map((finding, index) => (
                        <li key={index} className="flex items-baseline gap-2.5 border-b border-rule/70 py-1 last:border-b-0">
                            <span className="translate-y-0.5">
                                <SeverityMark severity={finding.severity} />
                            </span>
                            <span className="min-w-0 flex-1">{finding.message}</span>
                            {severalTunings && finding.tuning !== null && (
                                <span className="text-sm whitespace-nowrap text-ink-faint">{finding.tuning}</span>
                            )}
                            {finding.position !== null && (
                                <button
                                    type="button"
                                    className="min-h-[24px] rounded-[2px] px-1 text-sm whitespace-nowrap text-accent hover:bg-accent-wash"
                                    onClick={() => go(finding.position ?? 1)}
                                >
                                    string {finding.position}
                                </button>
                            )}
                        </li>
                    ))}
                </ul>
            )}
            {findings.length > SHOWN && (
                <button
                    type="button"
                    className="mt-1 min-h-[24px] text-sm text-accent hover:underline"
                    aria-expanded={all}
                    onClick={() => setAll(!all)}
                >
                    {all ? 'Show fewer' : `and ${findings.length - SHOWN} more`}
                </button>
            )}
        </section>
    );
}
