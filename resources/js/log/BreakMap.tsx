import { clsx } from 'clsx';
import type { Broke } from '../generated/views';

const WIDTH = 620;
const LANE = 18;
const TOP = 26;
/** Where along the drawing each place stands. */
const AT: Record<string, number> = { post: 50, nut: 150, fret: 300, elsewhere: 400, saddle: 510, ball: 590 };
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
    const height = TOP + LANE * strings + 8;
    const y = (position: number) => TOP + LANE * (position - 0.5);
    const all = broke.reduce((sum, { count }) => sum + count, 0);
    if (all === 0) {
        return <p className="text-ink-soft">No string is known to have broken here. A job asks where, when one comes off.</p>;
    }
    return (
        <div>
            <svg
                viewBox={`0 0 ${WIDTH} ${height}`}
                role="img"
                aria-label={broke.map(({ label, count }) => `${count} broke ${label}`).join(', ')}
                className="block w-full max-w-2xl text-xs"
            >
                {Object.entries(AT).map(([place, at]) => (
                    <g key={place}>
                        {place !== 'elsewhere' && (
                            <line
                                x1={at}
                                x2={at}
                                y1={TOP}
                                y2={height - 6}
                                stroke="var(--rule-strong)"
                                strokeWidth={place === 'fret' ? 1 : 2}
                            />
                        )}
                        <text x={at} y={14} textAnchor="middle" fill="var(--ink-soft)">
                            {NAMES[place]}
                        </text>
                    </g>
                ))}
                {Array.from({ length: strings }, (_, index) => (
                    <g key={index}>
                        <line x1={AT['post']} x2={AT['ball']} y1={y(index + 1)} y2={y(index + 1)} stroke="var(--ink-faint)" />
                        <text x={10} y={y(index + 1) + 4} fill="var(--ink-soft)">
                            {index + 1}
                        </text>
                    </g>
                ))}
                {broke.flatMap(({ place, strings: of, suspicion }) =>
                    of.map(([position = 1, count = 1]) => (
                        <g key={`${place} ${position}`}>
                            <circle
                                cx={AT[place]}
                                cy={y(position)}
                                r={LANE / 2}
                                fill={suspicion === '' ? 'var(--ink)' : 'var(--caution)'}
                            />
                            <text x={AT[place]} y={y(position) + 4} textAnchor="middle" fill="var(--paper)" fontWeight="700">
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
