import { usePage } from '@inertiajs/react';
import { fixed, trimmed } from './figures';

/** The units somebody reads and types in. Everything else is SI; conversion happens here and nowhere else. */
export interface Units {
    length: 'mm' | 'in';
    gauge: 'thou' | 'mm';
    tension: 'N' | 'lbf' | 'kgf';
}

export const MM_PER_INCH = 25.4;
const NEWTONS: Record<Units['tension'], number> = { N: 1, lbf: 4.4482216152605, kgf: 9.80665 };
const YEAR = 60 * 60 * 24 * 365;

export function useUnits(): Units {
    return usePage<{ units: Units }>().props.units;
}

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

/**
 * Reads a typed gauge, in any unit written with it: `11`, `.011`, `0.011 in`, `0.28 mm`. A bare number below 1 is inches
 * (or mm, where gauges are read in mm), otherwise thousandths.
 */
export function parseGauge(typed: string, units: Units): { gauge_in: number } | { gauge_mm: number } | null {
    const match = /^\s*(\d*[.,]?\d+)\s*(mm|in|inch|"|”|thou|mil|th)?\s*$/i.exec(typed);
    if (match === null) {
        return null;
    }
    const value = Number((match[1] ?? '').replace(',', '.'));
    if (!Number.isFinite(value) || value <= 0) {
        return null;
    }
    const unit = match[2]?.toLowerCase();
    if (unit === 'mm' || (unit === undefined && units.gauge === 'mm' && value < 6)) {
        return { gauge_mm: value };
    }
    if (unit === 'thou' || unit === 'mil' || unit === 'th' || (unit === undefined && value >= 1)) {
        return { gauge_in: Number((value / 1000).toPrecision(12)) };
    }
    return { gauge_in: value };
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

/** Reads a typed length into millimetres, in any unit written with it: `686`, `27 in`, `25 1/2"`, `64.8 cm`. */
export function parseLength(typed: string, units: Units): number | null {
    const match = /^\s*(\d*[.,]?\d+)(?:\s+(\d+)\s*\/\s*(\d+))?\s*(mm|cm|m|in|inch|inches|"|”)?\s*$/i.exec(typed);
    if (match === null) {
        return null;
    }
    const fraction = match[2] === undefined ? 0 : Number(match[2]) / Number(match[3]);
    const value = Number((match[1] ?? '').replace(',', '.')) + fraction;
    const unit = match[4]?.toLowerCase() ?? units.length;
    const factor = unit === 'mm' ? 1 : unit === 'cm' ? 10 : unit === 'm' ? 1000 : MM_PER_INCH;
    const mm = Number((value * factor).toPrecision(12));
    return Number.isFinite(mm) && mm > 0 ? mm : null;
}

export function tensionIn(newtons: number, units: Units): number {
    return newtons / NEWTONS[units.tension];
}

/** Reads a typed tension into newtons, in any unit written with it: `73`, `16.5 lbf`, `7.4 kgf`. */
export function parseTension(typed: string, units: Units): number | null {
    const match = /^\s*(\d*[.,]?\d+)\s*(N|lbf|lbs|lb|kgf|kg)?\s*$/i.exec(typed);
    if (match === null) {
        return null;
    }
    const unit = match[2]?.toLowerCase();
    const factor =
        unit === undefined
            ? NEWTONS[units.tension]
            : unit === 'n'
              ? NEWTONS.N
              : unit.startsWith('lb')
                ? NEWTONS.lbf
                : NEWTONS.kgf;
    const newtons = Number((match[1] ?? '').replace(',', '.')) * factor;
    return newtons > 0 ? newtons : null;
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

/** A signed percentage, with a real minus sign. */
export function formatShare(share: number): string {
    const percent = fixed(Math.abs(share) * 100, 0);
    return percent === '0' ? '±0 %' : `${share > 0 ? '+' : '−'}${percent} %`;
}

/** A signed change of tension, with the digits that the tension itself earns. */
export function formatTensionChange(newtons: number, lowN: number, highN: number, units: Units): string {
    const unsure = tensionIn(highN - lowN, units) / 2;
    const figure = fixed(tensionIn(Math.abs(newtons), units), unsure >= 0.5 ? 0 : 1);
    return `${Number(figure) === 0 ? '±' : newtons < 0 ? '−' : '+'}${figure} ${units.tension}`;
}
