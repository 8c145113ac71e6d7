import { clsx } from 'clsx';
import type { Broke } from '../generated/views';
import { useWidth } from '../ui/useWidth';

const WIDEST = 620;
const LANE = 18;
const TOP = 26;
/** Where along the drawing each place stands, as a share of it. */
const PLACES: Record<string, number> = { post: 0.1, nut: 0.25, fret: 0.45, elsewhere: 0.63, saddle: 0.82, ball: 0.95 };
const NAMES: Record<string, string> = {
    post: 'post',
    nut: 'nut',
    fret: 'frets',
    elsewhere: 'elsewhere',
    saddle: 'saddle',
    ball: 'ball',
};

/** Where along its way which string broke, drawn from post to ball; how many in each dot. */
export function BreakMap({ broke, strings }: { broke: Broke[]; strings: number }) {
    const [ref, room] = useWidth<HTMLDivElement>();
    const width = Math.min(WIDEST, room);
    const height = TOP + LANE * strings + 8;
    const y = (position: number) => TOP + LANE * (position - 0.5);
    const at = Object.fromEntries(Object.entries(PLACES).map(([place, share]) => [place, share * width]));
    const all = broke.reduce((sum, { count }) => sum + count, 0);
    if (all === 0) {
        return (
            <div ref={ref} className="text-ink-soft">
                No string is known to have broken here. A job asks where, when one comes off.
            </div>
        );
    }
    return (
        <div ref={ref}>
            <svg
                width={width}
                height={height}
                role="img"
                aria-label={broke.map(({ label, count }) => `${count} broke ${label}`).join(', ')}
                className="block text-xs"
            >
                {Object.entries(at).map(([place, across]) => (
                    <g key={place}>
                        {place !== 'elsewhere' && (
                            <line
                                x1={across}
                                x2={across}
                                y1={TOP}
                                y2={height - 6}
                                stroke="var(--rule-strong)"
                                strokeWidth={place === 'fret' ? 1 : 2}
                            />
                        )}
                        <text x={across} y={14} textAnchor="middle" fill="var(--ink-soft)">
                            {NAMES[place]}
                        </text>
                    </g>
                ))}
                {Array.from({ length: strings }, (_, index) => (
                    <g key={index}>
                        <line x1={at['post']} x2={at['ball']} y1={y(index + 1)} y2={y(index + 1)} stroke="var(--ink-faint)" />
                        <text x={10} y={y(index + 1) + 4} fill="var(--ink-soft)">
                            {index + 1}
                        </text>
                    </g>
                ))}
                {broke.flatMap(({ place, strings: of, suspicion }) =>
                    of.map(([position = 1, count = 1]) => (
                        <g key={`${place} ${position}`}>
                            <circle
                                cx={at[place]}
                                cy={y(position)}
                                r={LANE / 2}
                                fill={suspicion === '' ? 'var(--ink)' : 'var(--caution)'}
                            />
                            <text x={at[place]} y={y(position) + 4} textAnchor="middle" fill="var(--paper)" fontWeight="700">
                                {count}
                            </text>
                        </g>
                    )),
                )}
            </svg>
            <ul className="mt-1 max-w-prose">
                {broke.map(({ place, label, count, suspicion }) => (
                    <li key={place} className={clsx(suspicion !== '' && 'font-semibold')}>
                        {count} broke {label}.{' '}
                        {suspicion !== ''
                            ? suspicion
                            : count < 3 && <span className="text-ink-soft">From three on it means something.</span>}
                    </li>
                ))}
            </ul>
        </div>
    );
}
