import { fixed, withMinus } from './figures';
import { spanWords } from './times';

/** What a new string drifted by, cents: each round of stretching, then each time it was left alone. */
export function driftWords(stretched: number[], rested: number[]): string {
    const said = (drifts: number[]) => drifts.map((drift) => withMinus(drift, 0)).join(', ');
    return `${said(stretched) || '–'}${rested.length > 0 ? `; left alone ${said(rested)}` : ''}`;
}

/** What a new string still needs: rounds of stretching, the even chance and what suffices in nine cases of ten, or time. */
export function thenWords(rounds: number | null, most: number | null, next: number | null, holds: number | null): string {
    if (rounds === null) {
        return 'not read yet';
    }
    if (rounds > 0) {
        return most === null
            ? 'it does not settle: look for what slips'
            : `${rounds} more${most > rounds ? `, perhaps ${most}` : ''}, next about ${fixed(next ?? 0, 0)}`;
    }
    return holds === null ? 'seated' : `holds after ${spanWords(1000 * holds)}`;
}
