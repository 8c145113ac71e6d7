import { TYPED } from '../generated/words';
import type { Construction } from '../generated/formats';
import { MM_PER_INCH, type Units } from './units';

// Reads figures as people type them. How they are spelt is the core's: its patterns and tables of units are written for here, and
// both are held to one table of spellings. What cannot be read the core explains (`whyNot`).

const GROUPS = 7;
const number = new RegExp(TYPED.number, 'iu');
const gauge = new RegExp(TYPED.gauge, 'iu');
const length = new RegExp(TYPED.length, 'iu');
const tension = new RegExp(TYPED.tension, 'iu');

type Table<T> = Readonly<Record<string, T>>;
const lengthMetres: Table<number> = TYPED.lengthMetres;
const gaugeMetres: Table<number> = TYPED.gaugeMetres;
const newtonsPer: Table<number> = TYPED.newtons;
const fractions: Table<number> = TYPED.fractions;
const windings: Table<string> = TYPED.windings;

export type Gauge = { gauge_in: number } | { gauge_mm: number };
/** How a string is made, as far as its gauge says: `wound` leaves open how. */
export type Made = Construction | 'wound';

/** More than one figure, as in 10-46: a set in a line. */
export const SEVERAL = /\d[^\d.,]+[.,]?\d/;

const rounded = (value: number) => Number(value.toPrecision(12));

function groups(pattern: RegExp, typed: string): string[] | null {
    const match = pattern.exec(typed);
    return match === null
        ? null
        : match.slice(1).map((group: string | undefined) => (group ?? '').toLowerCase().replace(/\s+/g, ' '));
}

/** What the seven groups of a number come to; null for a fraction of nothing. */
function valueOf([whole = '', upper = '', lower = '', sign = '', alone = '', below = '', signAlone = '']: string[]):
    number | null {
    const [over, under] = upper === '' ? [alone, below] : [upper, lower];
    if (over !== '' && Number(under) === 0) {
        return null;
    }
    return (
        Number(whole.replace(',', '.')) +
        (over === '' ? 0 : Number(over) / Number(under)) +
        (fractions[sign === '' ? signAlone : sign] ?? 0)
    );
}

/** A typed number without a unit, with a point or a comma, or a fraction; null where it is none. */
export function readNumber(typed: string): number | null {
    const match = groups(number, typed);
    return match === null ? null : valueOf(match);
}

/** The same below 0 too, with either sign for minus. */
export function readSigned(typed: string): number | null {
    const [, sign = '', rest = ''] = /^\s*([-−+]?)(.*)$/.exec(typed) ?? [];
    const value = readNumber(rest);
    return value === null ? null : sign === '-' || sign === '−' ? -value : value;
}

/** A typed frequency, hertz, with or without its unit; null where it is none. */
export function readHertz(typed: string): number | null {
    return readNumber(typed.replace(/hz\s*$/i, ''));
}

/** A typed percentage as a share, with or without its sign; null where it is none. */
export function readShare(typed: string): number | null {
    const percent = readNumber(typed.replace(/%\s*$/, ''));
    return percent === null ? null : percent / 100;
}

/** Reads a typed gauge, in any unit written with it, and how the string is made where that is said: `11`, `.011`, `0.28 mm`, `26w`. */
export function readGauge(typed: string, units: Pick<Units, 'gauge'>): { gauge: Gauge; made: Made | null } | null {
    const match = groups(gauge, typed);
    const value = match === null ? null : valueOf(match.slice(1, 1 + GROUPS));
    // A half of what is anybody's guess.
    if (match === null || value === null || value <= 0 || (match[1] === '' && match[1 + GROUPS] === '')) {
        return null;
    }
    const unit = match[1 + GROUPS] || bareUnit(value, units);
    const mm = rounded(value * (gaugeMetres[unit] ?? 0) * 1000);
    if (mm < TYPED.gaugeFromMm || mm > TYPED.gaugeToMm) {
        return null;
    }
    const made = windings[match[2 + GROUPS] ?? ''] ?? windings[match[0] ?? ''] ?? null;
    const metric = gaugeMetres[unit] === 0.001 || gaugeMetres[unit] === 0.01 || gaugeMetres[unit] === 1;
    return {
        gauge: metric ? { gauge_mm: mm } : { gauge_in: rounded(value * (((gaugeMetres[unit] ?? 0) * 1000) / MM_PER_INCH)) },
        made: made as Made | null,
    };
}

function bareUnit(value: number, units: Pick<Units, 'gauge'>): string {
    if (units.gauge === 'mm' && value < TYPED.thickestMm) {
        return value < TYPED.thinnestMm ? 'in' : 'mm';
    }
    return value >= 1 ? 'thou' : value <= TYPED.thickestIn ? 'in' : 'mm';
}

/** Reads a typed length into millimetres, in any unit written with it: `686`, `27 in`, `25 1/2"`, `25½″`, `64.8 cm`. */
export function readLength(typed: string, units: Pick<Units, 'length'>): number | null {
    const match = groups(length, typed);
    const value = match === null ? null : valueOf(match.slice(0, GROUPS));
    if (match === null || value === null || value <= 0) {
        return null;
    }
    return rounded(value * (lengthMetres[match[GROUPS] || units.length] ?? 0) * 1000);
}

/**
 * What a scale length without a unit may mean in the other one, to ask: 25.5 where lengths are in mm. Null where it is fine as it is, or
 * no scale either way.
 */
export function otherUnitOf(typed: string, units: Pick<Units, 'length'>): { words: string; mm: number } | null {
    const value = readNumber(typed);
    const isScale = (mm: number) => mm >= TYPED.scaleFromMm && mm <= TYPED.scaleToMm;
    const [here, there] = units.length === 'mm' ? [1, MM_PER_INCH] : [MM_PER_INCH, 1];
    if (value === null || isScale(value * here) || !isScale(value * there)) {
        return null;
    }
    return { words: `${typed.trim()} ${units.length === 'mm' ? 'in' : 'mm'}`, mm: rounded(value * there) };
}

/** Reads a typed tension into newtons, in any unit written with it: `73`, `16.5 lbf`, `7.4 kgf`. */
export function readTension(typed: string, units: Pick<Units, 'tension'>): number | null {
    const match = groups(tension, typed);
    const value = match === null ? null : valueOf(match.slice(0, GROUPS));
    if (match === null || value === null || value <= 0) {
        return null;
    }
    return rounded(value * (newtonsPer[match[GROUPS] || units.tension.toLowerCase()] ?? 0));
}
