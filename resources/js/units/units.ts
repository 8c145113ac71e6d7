import { fixed, trimmed } from './figures';

/** The units somebody reads and types in. Everything else is SI; conversion happens here and nowhere else. */
export interface Units {
    length: 'mm' | 'in';
    gauge: 'thou' | 'mm';
    tension: 'N' | 'lbf' | 'kgf';
}

export const MM_PER_INCH = 25.4;
export const NEWTONS: Record<Units['tension'], number> = { N: 1, lbf: 4.4482216152605, kgf: 9.80665 };
const YEAR = 60 * 60 * 24 * 365;

/** Remembers the units for this person, in a cookie that printed sheets read too. */
export function rememberUnits(units: Units): void {
    const words = [units.length, units.gauge === 'mm' ? 'gauge-mm' : 'thou', units.tension].join('+');
    document.cookie = `lira_units=${words}; path=/; max-age=${YEAR}; samesite=lax`;
}

/** A gauge as people say it: 10.5 (thousandths of an inch) or 0.267 (mm). */
export function formatGauge(inches: number, units: Units): string {
    return units.gauge === 'mm' ? trimmed(inches * MM_PER_INCH, 3) : trimmed(inches * 1000, 2);
}

export function gaugeUnit(units: Units): string {
    return units.gauge === 'mm' ? 'mm' : 'thousandths of an inch';
}

/** A length from millimetres. */
export function formatLength(mm: number, units: Units): string {
    return units.length === 'in' ? `${trimmed(mm / MM_PER_INCH, 3)} in` : `${trimmed(mm, 1)} mm`;
}

/** A small length from millimetres, as a calliper reads it; `decimals` are those of a millimetre. */
export function fineLength(mm: number, units: Units, decimals = 2): string {
    return units.length === 'in'
        ? `${fixed(mm / MM_PER_INCH, decimals === 0 ? 1 : decimals + 2)} in`
        : `${fixed(mm, decimals)} mm`;
}

/** The number alone, for a field with its unit beside it. */
export function lengthFigure(mm: number, units: Units): string {
    return units.length === 'in' ? trimmed(mm / MM_PER_INCH, 4) : trimmed(mm, 3);
}

export function tensionIn(newtons: number, units: Units): number {
    return newtons / NEWTONS[units.tension];
}

/** A tension with no more digits than its bounds earn: whole units once it is unsure by half a unit or more. */
export function formatTension(newtons: number, lowN: number, highN: number, units: Units): string {
    return `${tensionFigure(newtons, lowN, highN, units)} ${units.tension}`;
}

export function tensionFigure(newtons: number, lowN: number, highN: number, units: Units): string {
    const value = tensionIn(newtons, units);
    const unsure = tensionIn(highN - lowN, units) / 2;
    return fixed(value, unsure >= 0.5 && value >= 10 ? 0 : unsure < 0.005 ? 2 : 1);
}

/** A tension in a sentence: whole newtons, or tenths of a pound or kilogram. */
export function formatForce(newtons: number, units: Units): string {
    return `${fixed(tensionIn(newtons, units), units.tension === 'N' ? 0 : 1)} ${units.tension}`;
}

/** The stiffness of a spring: of one newton a millimetre, in the units of the reader. */
export function rateIn(newtonsPerMm: number, units: Units): number {
    return tensionIn(newtonsPerMm, units) * (units.length === 'in' ? MM_PER_INCH : 1);
}

const EACH: Record<Units['tension'], string> = { N: 'newton', lbf: 'pound', kgf: 'kilogram' };

/** By how little something gives as it is pulled, from micrometres for each newton. */
export function formatGive(umPerNewton: number, units: Units): string {
    const um = umPerNewton * NEWTONS[units.tension];
    return units.length === 'in'
        ? `${fixed(um / MM_PER_INCH, 2)} thousandths of an inch for each ${EACH[units.tension]}`
        : `${fixed(um, 2)} µm for each ${EACH[units.tension]}`;
}

/** A signed percentage, with a real minus sign. */
export function formatShare(share: number): string {
    const percent = fixed(Math.abs(share) * 100, 0);
    return percent === '0' ? '±0 %' : `${share > 0 ? '+' : '−'}${percent} %`;
}

/** Changes over several tunings: the greatest and the least where they differ, as +16/−8 %. */
export function formatShares(shares: number[]): string {
    const [most, least] = [formatShare(Math.max(...shares)), formatShare(Math.min(...shares))];
    return most === least ? most : `${most.replace(' %', '')}/${least}`;
}

/** A signed change of tension, with the digits that the tension itself earns. */
export function formatTensionChange(newtons: number, lowN: number, highN: number, units: Units): string {
    const unsure = tensionIn(highN - lowN, units) / 2;
    const figure = fixed(tensionIn(Math.abs(newtons), units), unsure >= 0.5 ? 0 : 1);
    return `${Number(figure) === 0 ? '±' : newtons < 0 ? '−' : '+'}${figure} ${units.tension}`;
}
