import type { Construction, Material } from '../generated/formats';

/**
 * Which string it is: its construction, its material and its gauge in whole nanometres, of which a thousandth of an inch has
 * 25,400. Two strings are alike when all three are equal.
 */
interface StringType {
    construction: Construction;
    material: Material;
    gauge_nm: number;
}

const NANOMETRES_PER_INCH = 25_400_000;
const NANOMETRES_PER_MM = 1_000_000;
const INCH_DECIMALS = 9;

type Made = Pick<StringType, 'construction' | 'material'>;
/** A gauge as set documents say it, in one unit or the other. */
type WrittenGauge = { gauge_in?: number | undefined; gauge_mm?: number | undefined };

export function gaugeNanometres({ gauge_in, gauge_mm }: WrittenGauge): number {
    return Math.round(gauge_in === undefined ? (gauge_mm ?? 0) * NANOMETRES_PER_MM : gauge_in * NANOMETRES_PER_INCH);
}

/** Inches, as documents and answers write them. */
export function gaugeInches({ gauge_nm }: { gauge_nm: number }): number {
    return Number((gauge_nm / NANOMETRES_PER_INCH).toFixed(INCH_DECIMALS));
}

/** Of a string as it stands in a document or an answer. */
export function typeOf(written: Made & WrittenGauge): StringType {
    return { construction: written.construction, material: written.material, gauge_nm: gaugeNanometres(written) };
}

/** Whether they differ in their gauge at most. */
export function sameFamily(a: Made, b: Made): boolean {
    return a.construction === b.construction && a.material === b.material;
}

export function sameType(a: StringType, b: StringType): boolean {
    return a.gauge_nm === b.gauge_nm && sameFamily(a, b);
}

/** The same for all strings of one construction and material. */
export function familyKey({ construction, material }: Made): string {
    return `${construction} ${material}`;
}

/** The same for all strings that are alike, and for no others. */
export function typeKey(type: StringType): string {
    return `${familyKey(type)} ${type.gauge_nm}`;
}
