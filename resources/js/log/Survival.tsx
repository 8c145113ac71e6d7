import type { Lives } from '../generated/views';
import { useWidth } from '../ui/useWidth';

const HEIGHT = 190;
const LEFT = 44;
const BOTTOM = 26;
const TOP = 8;
const GRID = [0, 0.25, 0.5, 0.75, 1];
const TICKS_AT_MOST = 6;
/** Half of the widest label under it. */
const EDGE = 22;

/** How many last so long: steps as it was seen, a line as one string is likely to, a band where the share lies in 8 of 10 cases. */
export function Survival({ life }: { life: Lives }) {
    const [ref, width] = useWidth<HTMLDivElement>();
    const most = life.curve.at(-1)?.hours ?? 1;
    const x = (hours: number) => LEFT + ((width - LEFT - 8) * Math.min(hours, most)) / most;
    const y = (share: number) => TOP + (HEIGHT - TOP - BOTTOM) * (1 - share);
    const line = (points: { hours: number; share: number }[]) =>
        points.map(({ hours, share }) => `${x(hours).toFixed(1)},${y(share).toFixed(1)}`).join(' ');
    const band = [
        ...life.curve.map(({ hours, high }) => ({ hours, share: high })),
        ...life.curve.map(({ hours, low }) => ({ hours, share: low })).reverse(),
    ];
    let path = `M${x(0)},${y(1)}`;
    for (const { hours, share } of life.steps) {
        path += `H${x(hours).toFixed(1)}V${y(share).toFixed(1)}`;
    }
    const step = niceStep(most / TICKS_AT_MOST);
    return (
        <div ref={ref}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`Of ${life.ended + life.running} strings half are gone by about ${Math.round(life.p50_h)} hours, one in ten by ${Math.round(life.p10_h)}, nine in ten by ${Math.round(life.p90_h)}.`}
                    className="block text-xs"
                >
                    {GRID.map((share) => (
                        <g key={share}>
                            <line x1={LEFT} x2={width - 8} y1={y(share)} y2={y(share)} stroke="var(--rule)" />
                            <text x={LEFT - 6} y={y(share) + 4} textAnchor="end" fill="var(--ink-soft)">
                                {Math.round(100 * share)} %
                            </text>
                        </g>
                    ))}
                    {Array.from({ length: Math.floor(most / step) + 1 }, (_, index) => index * step).map((hours) => (
                        <text
                            key={hours}
                            x={Math.min(x(hours), width - EDGE)}
                            y={HEIGHT - 8}
                            textAnchor="middle"
                            fill="var(--ink-soft)"
                        >
                            {hours} h
                        </text>
                    ))}
                    <polygon points={line(band)} fill="var(--accent-wash)" />
                    <polyline
                        points={line(life.curve)}
                        fill="none"
                        stroke="var(--accent)"
                        strokeDasharray="5 4"
                        strokeWidth="1.5"
                    />
                    <line
                        x1={x(life.p50_h)}
                        x2={x(life.p50_h)}
                        y1={y(0.5)}
                        y2={y(0)}
                        stroke="var(--ink-soft)"
                        strokeDasharray="2 3"
                    />
                    <path d={path} fill="none" stroke="var(--ink)" strokeWidth="2" />
                </svg>
            )}
        </div>
    );
}

/** 1, 2 or 5 times a power of ten, no smaller than asked. */
function niceStep(least: number): number {
    const power = 10 ** Math.floor(Math.log10(Math.max(least, 1)));
    return [1, 2, 5, 10].map((factor) => factor * power).find((step) => step >= least) ?? 10 * power;
}
