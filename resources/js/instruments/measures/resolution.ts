import { lengthFigure, MM_PER_INCH, type Units } from '../../units/units';

/** How finely a typed length was read, in millimetres: its last digit, or the division of its fraction. */
export function resolutionMm(typed: string, units: Units): number | null {
    const match = /^\s*\d*(?:[.,](\d+))?(?:\s+\d+\s*\/\s*(\d+))?\s*(mm|cm|m|in|inch|inches|"|”)?\s*$/i.exec(typed);
    if (match === null || !/\d/.test(typed)) {
        return null;
    }
    const unit = match[3]?.toLowerCase() ?? units.length;
    const factor = unit === 'mm' ? 1 : unit === 'cm' ? 10 : unit === 'm' ? 1000 : MM_PER_INCH;
    const division = match[2] === undefined ? 10 ** -(match[1]?.length ?? 0) : 1 / Number(match[2]);
    return Number((factor * division).toPrecision(6));
}

/** A length with the digits its reading had: 0.40 stays 0.40. Where it was read in another unit, as many as that earns. */
export function figureAsRead(mm: number, resolution: number | undefined, units: Units): string {
    if (resolution === undefined) {
        return lengthFigure(mm, units);
    }
    const factor = units.length === 'in' ? MM_PER_INCH : 1;
    const decimals = Math.min(4, Math.max(0, Math.ceil(-Math.log10(resolution / factor) - 1e-6)));
    const figure = (mm / factor).toFixed(decimals);
    // A fraction of an inch has no last digit; it is written out.
    return Math.abs(Number(figure) * factor - mm) > resolution / 8 ? lengthFigure(mm, units) : figure;
}
