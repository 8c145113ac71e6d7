import type { DrawnFit, NeckFret, NeckSetup } from '../../generated/formats';
import type { SideOfString } from '../../generated/views';
import { boxAround, viewOf, type View } from '../drawings/geometry';

/** So many cents may reach the next string; one bad fret does not flatten all others. */
const REACHES = [4, 8, 15];

/** The frets that are spoken of: beyond, hardly anybody plays chords. */
const SPOKEN_OF = 15;

/** Beyond this even at its least a fret is called out of tune. */
export const OUT_CENTS = 8;

/** What is drawn of one fret of one string. */
export interface FretMark {
    position: number;
    fret: number;
    /** Where it lies along the neck, millimetres: in the middle before its fret, where a finger goes. */
    at: number;
    /** Its string there, across the neck. */
    across: number;
    cents: NeckFret['cents'];
    out: boolean;
}

/** Every fret of every string, where it lies on the drawing of the neck. */
export function marksOf(fit: DrawnFit, neck: NeckSetup, sides: SideOfString[]): FretMark[] {
    return neck.strings.flatMap(({ position, frets }) => {
        const drawn = fit.strings[position - 1];
        const side = sides[position - 1];
        if (drawn === undefined || side === undefined) {
            return [];
        }
        return frets.map(({ fret, cents }) => {
            const along = ((side.frets[fret - 2]?.[0] ?? 0) + (side.frets[fret - 1]?.[0] ?? 0)) / 2;
            const share = (along - side.peg_mm) / (side.full_mm - side.peg_mm);
            const on = (axis: 0 | 1) =>
                (drawn.start_mm[axis] ?? 0) + ((drawn.scale_end_mm[axis] ?? 0) - (drawn.start_mm[axis] ?? 0)) * share;
            return { position, fret, at: on(0), across: on(1), cents, out: outOf(cents) };
        });
    });
}

/** Whether it is off by more than anybody takes, whatever nobody measured. */
export function outOf({ low, high }: NeckFret['cents']): boolean {
    return low > OUT_CENTS || high < -OUT_CENTS;
}

/** What was read of a fret; null where it was not. */
export function readAt(neck: NeckSetup, { position, fret }: { position: number; fret: number }): number | null {
    const string = neck.read?.strings.find((each) => each.position === position);
    return string?.frets.find((each) => each.fret === fret)?.cents ?? null;
}

/** How many cents reach from one string to the next on a map of these necks. */
export function reachOf(necks: NeckSetup[]): number {
    const foretold = necks.flatMap(({ strings }) =>
        strings.flatMap(({ frets }) => spokenOf(frets).map(({ cents }) => cents.estimate)),
    );
    const read = necks.flatMap((neck) => neck.read?.strings.flatMap(({ frets }) => frets.map(({ cents }) => cents)) ?? []);
    const most = Math.max(0, ...[...foretold, ...read].map(Math.abs));
    return REACHES.find((reach) => reach >= 1.1 * most) ?? REACHES.at(-1) ?? 15;
}

/** So far a mark stands off its string, as a share of what is free beside it: up where it is sharp. */
export function offset(cents: number, reach: number): number {
    return Math.max(-1, Math.min(1, cents / reach));
}

const spokenOf = (frets: NeckFret[]): NeckFret[] => frets.slice(0, SPOKEN_OF);

/** The frets that are the furthest off, one for each string, by the estimate. */
export function worstOf(neck: NeckSetup): Map<number, NeckFret> {
    return new Map(
        neck.strings.flatMap(({ position, frets }) => {
            const worst = spokenOf(frets).reduce<NeckFret | null>(
                (most, each) => (most === null || Math.abs(each.cents.estimate) > Math.abs(most.cents.estimate) ? each : most),
                null,
            );
            return worst === null ? [] : [[position, worst] as const];
        }),
    );
}

/** Cents as they are read: +2.1, −0.4. */
export function centsWords(cents: number): string {
    const rounded = Math.abs(cents).toFixed(1);
    return rounded === '0.0' ? '0.0' : `${cents < 0 ? '−' : '+'}${rounded}`;
}

/** Along the neck from nut to board's end in so many pixels; maps and the string from the side share it. */
export function neckView(fit: DrawnFit, width: number): View {
    return viewOf(boxAround([...fit.neck.nut_mm, ...fit.neck.frets_mm.flat(), ...fit.neck.board_mm]), width, { x: 26, y: 0 });
}
