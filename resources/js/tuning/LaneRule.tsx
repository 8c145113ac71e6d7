interface Props {
    width: number;
    /** Where along it a value stands, pixels. */
    x: (value: number) => number;
    marks: { at: number; label: string | null }[];
}

/** The rule above lanes that share one scale. */
export function LaneRule({ width, x, marks }: Props) {
    return (
        <svg width={width} height={30} className="block overflow-visible" aria-hidden>
            {marks.map(({ at, label }) => (
                <g key={at} transform={`translate(${x(at)} 0)`}>
                    <line y1={21} y2={29} stroke="var(--ink)" />
                    {label !== null && (
                        <text y={15} textAnchor="middle" fontSize="0.929rem" fill="var(--ink)">
                            {label}
                        </text>
                    )}
                </g>
            ))}
            <line x1={0} x2={width} y1={29.5} y2={29.5} stroke="var(--ink)" />
        </svg>
    );
}
