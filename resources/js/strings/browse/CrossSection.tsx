import type { Sheet } from '../../generated/views';
import type { Construction, Material } from '../../generated/formats';
import { toneOf, isFlat } from '../../units/strings';

const SIZE = 190;
const DRAWN = 150;

interface Props {
    section: NonNullable<Sheet['section']>;
    construction: Construction;
    material: Material;
}

/** A string cut across, to scale: its core and every layer of wrap. */
export function CrossSection({ section, construction, material }: Props) {
    const scale = DRAWN / section.outer_mm;
    const middle = SIZE / 2;
    const tone = toneOf(material);
    const core = (section.core?.size_mm ?? section.outer_mm) * scale;
    const layers = [...section.layers_mm].reverse();
    const inner = (index: number) => layers[index + 1] ?? section.core?.size_mm ?? 0;
    return (
        <svg width={SIZE} height={SIZE + 22} role="img" aria-label="The string cut across, to scale">
            {layers.map((outer, index) => {
                const wire = ((outer - inner(index)) / 2) * scale;
                const at = ((outer + inner(index)) / 4) * scale;
                const round = !isFlat(construction) || index < layers.length - 1;
                return (
                    <g key={outer}>
                        <circle
                            cx={middle}
                            cy={middle}
                            r={(outer / 2) * scale}
                            fill={`var(--${tone})`}
                            stroke={`var(--${tone}-dark)`}
                        />
                        {/* The wrap runs round and round: it is cut slantwise, as a band. */}
                        <circle
                            cx={middle}
                            cy={middle}
                            r={at}
                            fill="none"
                            stroke={`var(--${tone}-dark)`}
                            strokeWidth={round ? wire * 0.3 : wire * 0.12}
                            strokeOpacity={0.35}
                        />
                    </g>
                );
            })}
            {section.core?.shape === 'hex' ? (
                <path d={hexagon(middle, core / 2)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.4} />
            ) : (
                <circle
                    cx={middle}
                    cy={middle}
                    r={core / 2}
                    fill={layers.length === 0 ? `var(--${tone})` : 'var(--sheet)'}
                    stroke="var(--ink)"
                    strokeWidth={1.4}
                    strokeDasharray={section.core?.shape === 'multifilament' ? '2 2' : undefined}
                />
            )}
            <g stroke="var(--accent)">
                <path d={`M${middle - DRAWN / 2} ${SIZE + 4} H${middle + DRAWN / 2}`} />
                <path d={`M${middle - DRAWN / 2} ${SIZE} v8 M${middle + DRAWN / 2} ${SIZE} v8`} />
            </g>
            <text x={middle} y={SIZE + 19} textAnchor="middle" fontSize="0.929rem" fontWeight={700} fill="var(--ink)">
                {section.outer_mm.toFixed(3)} mm
            </text>
        </svg>
    );
}

/** Corner to corner on the level. */
function hexagon(middle: number, radius: number): string {
    const corners = Array.from({ length: 6 }, (_, corner) => {
        const angle = (corner * Math.PI) / 3;
        return `${middle + radius * Math.cos(angle)} ${middle + radius * Math.sin(angle)}`;
    });
    return `M${corners.join(' L')} Z`;
}
