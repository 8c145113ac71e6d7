import { scaleLinear } from 'd3-scale';
import type { SampleFamily } from '../../generated/views';
import { gaugeInches } from '../../units/stringType';
import { formatGauge, useUnits } from '../../units/units';

const WIDTH = 420;
const HEIGHT = 150;
const MARGIN = { left: 52, right: 12, top: 10, bottom: 26 };

/** How far the model was off for each sample, with how sure that is, and the line that is fitted to those that count. */
export function FamilyPlot({ family }: { family: SampleFamily }) {
    const units = useUnits();
    const points = family.samples.flatMap((sample) => (sample.ratio === null ? [] : [{ ...sample, ratio: sample.ratio }]));
    const line = family.correction?.line ?? [];
    const gauges = points.map(gaugeInches);
    const [least, most] = [Math.min(...gauges) - 0.002, Math.max(...gauges) + 0.002];
    const far = Math.max(
        0.02,
        ...points.map(({ ratio, tolerance }) => Math.abs(ratio - 1) + tolerance),
        ...line.map(({ factor, uncertainty }) => Math.abs(factor - 1) + uncertainty),
    );
    const x = scaleLinear([least, most], [MARGIN.left, WIDTH - MARGIN.right]);
    const y = scaleLinear([1 - far, 1 + far], [HEIGHT - MARGIN.bottom, MARGIN.top]);
    const end = WIDTH - MARGIN.right;
    const band = [
        ...line.map(({ gauge_in, factor, uncertainty }) => `${x(gauge_in)},${y(factor + uncertainty)}`),
        ...line.map(({ gauge_in, factor, uncertainty }) => `${x(gauge_in)},${y(factor - uncertainty)}`).reverse(),
    ].join(' ');
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full max-w-[420px]"
            role="img"
            aria-label="How far the model was off, sample by sample"
        >
            {[1 + far, 1, 1 - far].map((ratio) => (
                <g key={ratio}>
                    <line
                        x1={MARGIN.left}
                        x2={end}
                        y1={y(ratio)}
                        y2={y(ratio)}
                        stroke="var(--rule-strong)"
                        strokeDasharray={ratio === 1 ? undefined : '2 4'}
                    />
                    <text x={MARGIN.left - 6} y={y(ratio) + 4} textAnchor="end" fontSize="0.857rem" fill="var(--ink-soft)">
                        {ratio === 1 ? 'model' : `${ratio > 1 ? '+' : '−'}${(far * 100).toFixed(1)} %`}
                    </text>
                </g>
            ))}
            {line.length > 0 && (
                <>
                    <polygon points={band} fill="var(--accent-wash)" />
                    <polyline
                        points={line.map(({ gauge_in, factor }) => `${x(gauge_in)},${y(factor)}`).join(' ')}
                        fill="none"
                        stroke="var(--accent)"
                        strokeWidth={2}
                    />
                </>
            )}
            {points.map((sample, index) => (
                <g key={sample.id ?? index} stroke={sample.set_aside ? 'var(--ink-faint)' : 'var(--ink)'}>
                    <line
                        x1={x(gaugeInches(sample))}
                        x2={x(gaugeInches(sample))}
                        y1={y(sample.ratio - sample.tolerance)}
                        y2={y(sample.ratio + sample.tolerance)}
                        strokeWidth={1.4}
                    />
                    {sample.set_aside ? (
                        <path d={`M${x(gaugeInches(sample)) - 4} ${y(sample.ratio) - 4} l8 8 m0 -8 l-8 8`} strokeWidth={1.6} />
                    ) : (
                        <circle cx={x(gaugeInches(sample))} cy={y(sample.ratio)} r={4.5} fill="var(--paper)" strokeWidth={2} />
                    )}
                    <text
                        x={x(gaugeInches(sample))}
                        y={HEIGHT - 8}
                        textAnchor="middle"
                        fontSize="0.857rem"
                        fill="var(--ink-soft)"
                        stroke="none"
                    >
                        {formatGauge(gaugeInches(sample), units)}
                    </text>
                </g>
            ))}
        </svg>
    );
}
