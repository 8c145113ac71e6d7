import { clsx } from 'clsx';
import type { FittingPlan } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { toneOf } from '../../units/strings';
import { centsWords } from '../../devices/tuner/heard';
import type { JobWithAll, StringNow } from '../../events/jobNow';
import { whereabouts, type Whereabouts } from '../frames';
import { AT_PITCH_CENTS } from './claims';
import { capital } from '../../units/words';

const WORDS: Record<Whereabouts, string> = {
    old: 'old, on',
    off: 'off',
    slack: 'new, not tuned yet',
    pitch: 'new, at pitch',
    none: 'not on yet',
};

/** Where it stands, and where that is known by ear, how near its pitch. */
function standWords(at: Whereabouts, { heard }: StringNow): string {
    return at === 'pitch' && heard !== null && Math.abs(heard) > AT_PITCH_CENTS ? `new, ${centsWords(heard)} cents` : WORDS[at];
}

interface Props {
    job: JobWithAll;
    plan: FittingPlan;
    done: ReadonlySet<string>;
    current: number | null;
    className?: string;
    onSchools: () => void;
}

/** Where each string stands, the thinnest first. */
export function StringsStand({ job, plan, done, current, className, onSchools }: Props) {
    const off = job.schools.find(({ aspect }) => aspect === 'off-at-once');
    const many = job.strings.length > 7;
    return (
        <section aria-label="Where things stand" className={className}>
            <h2 className="text-base font-bold">Where things stand</h2>
            <ul className="mt-1 border-t border-rule">
                {job.strings.map((string) => {
                    const at = whereabouts(plan, done, string.position);
                    const here = string.position === current;
                    const gone = at === 'off' || at === 'none';
                    const tone = toneOf(string.material);
                    const thick = Math.max(1.2, Math.min(7, (string.gauge_nm / 1e6) * 2.6));
                    return (
                        <li
                            key={string.position}
                            aria-current={here ? 'step' : undefined}
                            className={clsx(
                                'grid grid-cols-[1.6rem_1fr_4.5rem] items-center gap-x-2 border-b border-l-4 border-b-rule pl-1.5',
                                many ? 'py-0' : 'py-0.5',
                                here ? 'border-l-accent bg-sheet' : 'border-l-transparent',
                            )}
                        >
                            <span className={clsx('text-[1.4rem]', here ? 'font-bold' : 'text-ink-soft')}>{string.position}</span>
                            <span className="min-w-0 leading-tight">
                                <span className={clsx('font-bold', many ? 'text-base' : 'text-[1.4rem] leading-none')}>
                                    {pitchLabel(at === 'old' ? (string.before ?? string.pitch) : string.pitch)}
                                </span>
                                <span className="block truncate text-base leading-tight text-ink-soft">
                                    {job.missing.includes(string.position)
                                        ? `${standWords(at, string)}; missing`
                                        : standWords(at, string)}
                                </span>
                            </span>
                            <svg viewBox="0 0 72 10" width="100%" height={10} preserveAspectRatio="none" aria-hidden>
                                <line
                                    x1={0}
                                    x2={72}
                                    y1={5}
                                    y2={5}
                                    stroke={gone ? 'var(--rule-strong)' : at === 'old' ? `var(--${tone})` : `var(--${tone}-dark)`}
                                    strokeWidth={gone ? 1.2 : thick}
                                    strokeDasharray={gone ? '4 4' : undefined}
                                />
                            </svg>
                        </li>
                    );
                })}
            </ul>
            {off !== undefined && (
                <p className="mt-2 text-base leading-snug text-ink-soft">
                    {capital(off.choices.find(({ value }) => value === off.chosen)?.label ?? '')}. {off.reason}{' '}
                    <button type="button" className="text-accent underline underline-offset-2" onClick={onSchools}>
                        Change the way…
                    </button>
                </p>
            )}
        </section>
    );
}
