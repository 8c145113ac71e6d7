import { extent, max } from 'd3-array';
import { type ScaleLinear, scaleLinear } from 'd3-scale';
import type { Sample, SampleFamily, Correction } from '../../generated/views';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import type { Construction, Material, Kind } from '../../generated/formats';

const WIDTH = 640;
const HEIGHT = 230;
const MARGIN = { left: 58, right: 14, top: 10, bottom: 28 };
const GAUGES = 8;
/** What is drawn beyond the furthest figure, as a share of it. */
const AIR = 1.12;

interface Props {
    family: SampleFamily;
    /** What is being typed. */
    present?: Sample | undefined;
}

/**
 * What strings of a family really weigh, beside the model: how far the model may be off while nothing is measured, each sample with how
 * sure it is, and the line that is fitted to those that count.
 */
export function FamilyPlot({ family, present }: Props) {
    const units = useUnits();
    const { model } = family;
    const line = family.correction?.line ?? [];
    const points = [...family.samples, ...(present === undefined ? [] : [present])].flatMap((sample) =>
        sample.ratio === null ? [] : [{ ...sample, ratio: sample.ratio, gauge: gaugeInches(sample), typed: sample === present }],
    );
    const [least = 0, most = 1] = extent([...points.map(({ gauge }) => gauge), ...model.map(({ gauge_in }) => gauge_in)]);
    const far =
        AIR *
        (max([
            0.02,
            ...model.map(({ tolerance }) => tolerance),
            ...points.map(({ ratio, tolerance }) => Math.abs(ratio - 1) + tolerance),
            ...line.map(({ factor, uncertainty }) => Math.abs(factor - 1) + uncertainty),
        ]) ?? 0.02);
    const x = scaleLinear([least, Math.max(most, least + 0.001)], [MARGIN.left + 8, WIDTH - MARGIN.right - 8]);
    const y = scaleLinear([1 - far, 1 + far], [HEIGHT - MARGIN.bottom, MARGIN.top]);
    const end = WIDTH - MARGIN.right;
    const band = (at: { gauge: number; low: number; high: number }[]) =>
        [
            ...at.map(({ gauge, high }) => `${x(gauge)},${y(high)}`),
            ...at.map(({ gauge, low }) => `${x(gauge)},${y(low)}`).reverse(),
        ].join(' ');
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full max-w-[60rem]"
            role="img"
            aria-label="How far what was measured lies from the model, by gauge"
        >
            <polygon
                points={band(
                    model.map(({ gauge_in, tolerance }) => ({ gauge: gauge_in, low: 1 - tolerance, high: 1 + tolerance })),
                )}
                fill="var(--rule)"
                opacity={0.6}
            />
            {line.length > 0 && <Corrected band={band} line={line} x={x} y={y} />}
            {y.ticks(5).map((ratio) => (
                <RatioLine key={ratio} ratio={ratio} end={end} y={y} />
            ))}
            {x.ticks(GAUGES).map((gauge) => (
                <text
                    key={gauge}
                    x={x(gauge)}
                    y={HEIGHT - 8}
                    textAnchor="middle"
                    fontSize="0.857rem"
                    fill="var(--ink-soft)"
                    className="tabular-nums"
                >
                    {formatGauge(gauge, units)}
                </text>
            ))}
            {points.map((sample, index) => (
                <SampleMark key={sample.id ?? `typed ${index}`} sample={sample} x={x} y={y} />
            ))}
        </svg>
    );
}

/** What the measured strings make of the model. */
function Corrected({
    band,
    line,
    x,
    y,
}: {
    band: (at: { gauge: number; low: number; high: number }[]) => string;
    line: Correction[];
    x: ScaleLinear<number, number>;
    y: ScaleLinear<number, number>;
}) {
    return (
        <>
            <polygon
                points={band(
                    line.map(({ gauge_in, factor, uncertainty }) => ({
                        gauge: gauge_in,
                        low: factor - uncertainty,
                        high: factor + uncertainty,
                    })),
                )}
                fill="var(--accent)"
                opacity={0.22}
            />
            <polyline
                points={line.map(({ gauge_in, factor }) => `${x(gauge_in)},${y(factor)}`).join(' ')}
                fill="none"
                stroke="var(--accent)"
                strokeWidth={2}
            />
        </>
    );
}

/** A level of the plot. */
function RatioLine({ ratio, end, y }: { ratio: number; end: number; y: ScaleLinear<number, number> }) {
    return (
        <g>
            <line
                x1={MARGIN.left}
                x2={end}
                y1={y(ratio)}
                y2={y(ratio)}
                stroke="var(--rule-strong)"
                strokeDasharray={ratio === 1 ? undefined : '2 5'}
            />
            <text x={MARGIN.left - 7} y={y(ratio) + 4} textAnchor="end" fontSize="0.857rem" fill="var(--ink-soft)">
                {ratio === 1 ? 'model' : `${ratio > 1 ? '+' : '−'}${Number((Math.abs(ratio - 1) * 100).toFixed(1))} %`}
            </text>
        </g>
    );
}

/** One string that was measured. */
function SampleMark({
    sample,
    x,
    y,
}: {
    sample: {
        ratio: number;
        gauge: number;
        typed: boolean;
        id: number | null;
        construction: Construction;
        material: Material;
        gauge_nm: number;
        kind: Kind;
        weighed: boolean;
        kg_per_m: number;
        tolerance: number;
        modelled_kg_per_m: number | null;
        core_mm: number | null;
        note: string;
        set_aside: boolean;
    };
    x: ScaleLinear<number, number>;
    y: ScaleLinear<number, number>;
}) {
    return (
        <g stroke={sample.set_aside ? 'var(--ink-faint)' : 'var(--ink)'}>
            <line
                x1={x(sample.gauge)}
                x2={x(sample.gauge)}
                y1={y(sample.ratio - sample.tolerance)}
                y2={y(sample.ratio + sample.tolerance)}
                strokeWidth={1.4}
            />
            {sample.set_aside ? (
                <path d={`M${x(sample.gauge) - 4} ${y(sample.ratio) - 4} l8 8 m0 -8 l-8 8`} strokeWidth={1.6} />
            ) : (
                <circle
                    data-sample={sample.typed ? 'typed' : 'kept'}
                    cx={x(sample.gauge)}
                    cy={y(sample.ratio)}
                    r={sample.typed ? 6 : 4.5}
                    fill={sample.typed ? 'var(--ink)' : 'var(--paper)'}
                    strokeWidth={2}
                />
            )}
        </g>
    );
}
