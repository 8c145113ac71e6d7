/** What a question is about, drawn: a neck between nut and saddle, strings by thickness, strings that were moved. */
export function StartMark({ of }: { of: 'instrument' | 'present' | 'wish' }) {
    return (
        <svg viewBox="0 0 72 56" width={72} height={56} aria-hidden className="mt-1 max-sm:hidden">
            {of === 'instrument' && <Neck />}
            {of === 'present' && <Strings />}
            {of === 'wish' && <Moved />}
        </svg>
    );
}

const FRETS = [0, 0.056, 0.109, 0.159, 0.206, 0.251, 0.293, 0.333, 0.37, 0.405, 0.439, 0.47, 0.5];

function Neck() {
    return (
        <g stroke="var(--ink)" fill="none">
            <path d="M4 20 H68 M4 36 H68" strokeWidth={1} />
            {FRETS.map((share) => (
                <path key={share} d={`M${4 + 60 * share} 20 V36`} strokeWidth={share === 0 ? 3 : 0.75} />
            ))}
            <path d="M64 17 V39" strokeWidth={3} />
            <path d="M4 48 H64 M4 45 V51 M64 45 V51" stroke="var(--accent)" strokeWidth={1.25} />
        </g>
    );
}

const WIDTHS = [0.7, 0.9, 1.2, 1.8, 2.6, 3.4];

function Strings() {
    return (
        <g stroke="var(--ink)">
            {WIDTHS.map((width, index) => (
                <path
                    key={width}
                    d={`M4 ${8 + index * 8} H68`}
                    strokeWidth={width}
                    {...(index > 2 ? { strokeDasharray: '1.2 0.5' } : {})}
                />
            ))}
        </g>
    );
}

function Moved() {
    return (
        <g strokeWidth={1.5}>
            {WIDTHS.map((width, index) => (
                <g key={width}>
                    <path d={`M4 ${8 + index * 8} H68`} stroke="var(--rule-strong)" strokeWidth={0.75} />
                    <circle cx={44 - index * 2} cy={8 + index * 8} r={2.6} fill="none" stroke="var(--ink)" />
                    <circle cx={38 - index * 2 + (index % 2)} cy={8 + index * 8} r={2.6} fill="var(--accent)" stroke="none" />
                </g>
            ))}
        </g>
    );
}
