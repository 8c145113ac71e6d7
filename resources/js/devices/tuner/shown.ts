/** A reading with what stands behind it: signed, or said to be so, it is cents from the note; else hertz. */
const READING = /([+\-−]?)(\d+(?:[.,]\d+)?)\s*(hz|cents?|ct|c)?(?![\w.,])/giu;

/**
 * What a tuner showed of a note, each as hertz; null where something of it is no reading.
 *
 * @param hz what the note sounds
 */
export function readingsTyped(typed: string, hz: number): number[] | null {
    const read: number[] = [];
    const rest = typed.replace(READING, (_, sign: string, digits: string, unit: string | undefined) => {
        const value = Number(digits.replace(',', '.')) * (sign === '-' || sign === '−' ? -1 : 1);
        const isCents = (unit !== undefined && !/hz/i.test(unit)) || (unit === undefined && (sign !== '' || value < hz / 2));
        read.push(isCents ? hz * 2 ** (value / 1200) : value);
        return '';
    });
    return /[^\s;,]/.test(rest) || read.some((each) => !(each > 0)) ? null : read;
}
