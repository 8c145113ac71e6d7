/** How far a frequency is from a pitch. */
export const centsOf = (hz: number, pitchHz: number) => 1200 * Math.log2(hz / pitchHz);

/** What was typed from another tuner, as cents from the pitch: -12, or 81.6 Hz. Null where it is neither. */
export function typedCents(typed: string, pitchHz: number): number | null {
    const match = /^\s*([+\-−]?\d+(?:[.,]\d+)?)\s*(hz|c|cents?|ct)?\s*$/i.exec(typed);
    if (match === null) {
        return null;
    }
    const value = Number((match[1] ?? '').replace('−', '-').replace(',', '.'));
    if (match[2]?.toLowerCase() === 'hz') {
        return value > 0 ? centsOf(value, pitchHz) : null;
    }
    return Math.abs(value) <= 2400 ? value : null;
}
