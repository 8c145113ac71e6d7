import type { FittingPlan } from '../../generated/formats';
import type { Job } from '../../generated/views';
import { createAxis } from '../../units/axis';
import { formatForce, tensionIn } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useWidth } from '../../ui/useWidth';
import { pullNow } from '../frames';

const HEIGHT = 68;
const RULE_Y = 26;
/** Below this words are written smaller. */
const NARROW = 600;
const GAP = 16;

/** What all strings pull: now as a bar, before and in the end as marks, on the rule of the Bench. */
export function PullRule({ job, plan, done }: { job: Job; plan: FittingPlan; done: ReadonlySet<string> }) {
    const units = useUnits();
    const [ref, width] = useWidth<HTMLDivElement>();
    const now = pullNow(plan, done, job.before_n);
    const most = Math.max(job.before_n, job.after_n, now, 1);
    const axis = createAxis([0, tensionIn(most * 1.12, units)], width, units);
    const [before, after, at] = [axis.x(job.before_n), axis.x(job.after_n), axis.x(now)];
    const said = placed(
        [
            { key: 'now', at, text: `pulls now ${formatForce(now, units)}` },
            { key: 'before', at: before, text: `before ${formatForce(job.before_n, units)}` },
            { key: 'after', at: after, text: `will be ${formatForce(job.after_n, units)}` },
        ],
        width,
    );
    const words = `Pulls now ${formatForce(now, units)}; before ${formatForce(job.before_n, units)}, in the end ${formatForce(job.after_n, units)}.`;
    return (
        <div className="shrink-0 px-4 pt-1 sm:px-7">
            <div ref={ref} role="img" aria-label={words}>
                {width > 0 && (
                    <svg width={width} height={HEIGHT} className="block overflow-visible" aria-hidden>
                        {axis.marks.map((mark) => (
                            <g key={mark.value} transform={`translate(${mark.x} 0)`}>
                                <line
                                    y1={RULE_Y}
                                    y2={mark.long ? RULE_Y - 9 : RULE_Y - 5}
                                    stroke="var(--ink)"
                                    strokeWidth={mark.long ? 1.1 : 0.7}
                                />
                                {mark.long && (
                                    <text
                                        y={13}
                                        textAnchor={mark.value === 0 ? 'start' : 'middle'}
                                        fontSize="1.000rem"
                                        fill="var(--ink)"
                                    >
                                        {mark.value === 0 ? `0 ${units.tension}` : mark.value}
                                    </text>
                                )}
                            </g>
                        ))}
                        <line x1={0} x2={width} y1={RULE_Y + 0.5} y2={RULE_Y + 0.5} stroke="var(--ink)" strokeWidth={1.5} />
                        <rect x={0} y={RULE_Y + 4} width={Math.max(0, at)} height={12} fill="var(--accent)" />
                        <Arrow x={before} hollow />
                        <Arrow x={after} />
                        {said.map(({ key, left, text }) => (
                            <text
                                key={key}
                                x={left}
                                y={RULE_Y + 37}
                                fontSize={width < NARROW ? 13 : 17}
                                fontWeight={key === 'now' ? 700 : 500}
                                fill={key === 'before' ? 'var(--ink-soft)' : 'var(--ink)'}
                                data-figure={key === 'now' ? 'pulls-now' : undefined}
                            >
                                {text}
                            </text>
                        ))}
                    </svg>
                )}
            </div>
        </div>
    );
}

/** Words under their places on the rule, moved aside where they would stand on one another or beyond its end. */
function placed<T extends { at: number; text: string }>(words: T[], width: number): (T & { left: number })[] {
    const letter = width < NARROW ? 6.4 : 8.4;
    const sorted = words
        .map((word) => ({ ...word, wide: word.text.length * letter }))
        .sort((a, b) => a.at - b.at)
        .map((word) => ({ ...word, left: word.at - word.wide / 2 }));
    let end = 0;
    for (const word of sorted) {
        word.left = Math.max(word.left, end);
        end = word.left + word.wide + GAP;
    }
    let start = width + GAP;
    for (const word of sorted.reverse()) {
        word.left = Math.max(0, Math.min(word.left, start - GAP - word.wide));
        start = word.left;
    }
    return sorted;
}

function Arrow({ x, hollow = false }: { x: number; hollow?: boolean }) {
    return (
        <path
            d={`M${x} ${RULE_Y + 6} L${x + 6} ${RULE_Y + 17} H${x - 6} Z`}
            fill={hollow ? 'var(--paper)' : 'var(--ink)'}
            stroke="var(--ink)"
        />
    );
}
