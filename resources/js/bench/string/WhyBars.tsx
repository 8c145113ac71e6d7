import type { Why } from '../../generated/formats';

const WORDS: Record<keyof Why, [string, string]> = {
    scale: ['shorter scale', 'longer scale'],
    pitch: ['lower pitch', 'higher pitch'],
    string: ['lighter string', 'heavier string'],
};

const WIDTH = 84;

/** What scale, pitch and string each contributed to the change. The bars are additive shares; each figure is that part alone. */
export function WhyBars({ why }: { why: Why }) {
    const shares = (['scale', 'pitch', 'string'] as const).map((part) => ({ part, share: why[part] }));
    const most = Math.max(0.02, ...shares.map(({ share }) => Math.abs(share)));
    return (
        <dl className="grid grid-cols-[auto_1fr_auto] items-center gap-x-3 gap-y-1">
            {shares.map(({ part, share }) => {
                const percent = Math.round(Math.expm1(share) * 100);
                const length = (Math.abs(share) / most) * (WIDTH / 2 - 1);
                return (
                    <div key={part} className="contents">
                        <dt className="whitespace-nowrap text-ink-soft">
                            {percent === 0 ? `same ${part}` : WORDS[part][share > 0 ? 1 : 0]}
                        </dt>
                        <dd aria-hidden>
                            <svg width={WIDTH} height={16} className="block">
                                <rect
                                    x={share < 0 ? WIDTH / 2 - length : WIDTH / 2}
                                    y={3}
                                    width={length}
                                    height={10}
                                    fill={share < 0 ? 'var(--steel)' : 'var(--accent)'}
                                />
                                <line x1={WIDTH / 2} x2={WIDTH / 2} y1={0} y2={16} stroke="var(--ink)" />
                            </svg>
                        </dd>
                        <dd className="text-right font-semibold">
                            {percent === 0 ? '±0 %' : percent > 0 ? `+${percent} %` : `−${-percent} %`}
                        </dd>
                    </div>
                );
            })}
        </dl>
    );
}
