const PATHS = {
    up: 'M3 10 L8 5 L13 10 Z',
    down: 'M3 6 L8 11 L13 6 Z',
    left: 'M10 3 L5 8 L10 13 Z',
    right: 'M6 3 L11 8 L6 13 Z',
    dot: 'M8 4 A4 4 0 1 1 8 12 A4 4 0 1 1 8 4 Z',
    more: 'M3 6.7 A1.3 1.3 0 1 1 3 9.3 A1.3 1.3 0 1 1 3 6.7 Z M8 6.7 A1.3 1.3 0 1 1 8 9.3 A1.3 1.3 0 1 1 8 6.7 Z M13 6.7 A1.3 1.3 0 1 1 13 9.3 A1.3 1.3 0 1 1 13 6.7 Z',
};

const STROKES = {
    undo: 'M4.5 3 L2 6 L5.5 8 M2.3 6 H9 A4 4 0 0 1 9 13.5 H6',
    redo: 'M11.5 3 L14 6 L10.5 8 M13.7 6 H7 A4 4 0 0 0 7 13.5 H10',
    close: 'M4 4 L12 12 M12 4 L4 12',
    check: 'M3 8.5 L6.5 12 L13 4.5',
    lock: 'M4 7.5 H12 V13.5 H4 Z M5.5 7.5 V5 A2.5 2.5 0 0 1 10.5 5 V7.5',
    muted: 'M2.5 8 H6 M10 8 H13.5 M5.5 12 L10.5 4',
    sound: 'M2 8 Q3.5 2 5 8 T8 8 T11 8 T14 8',
};

/** The few signs on buttons, drawn, so that they look the same everywhere. */
export function Glyph({ sign, size = 14 }: { sign: keyof typeof PATHS | keyof typeof STROKES; size?: number }) {
    return (
        <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden className="inline-block shrink-0">
            {sign in PATHS ? (
                <path d={PATHS[sign as keyof typeof PATHS]} fill="currentColor" />
            ) : (
                <path
                    d={STROKES[sign as keyof typeof STROKES]}
                    fill="none"
                    stroke="currentColor"
                    strokeWidth={1.5}
                    strokeLinecap="round"
                    strokeLinejoin="round"
                />
            )}
        </svg>
    );
}
