import { fixed, withMinus } from './figures';
import { spanWords } from './times';

/** What a new string drifted by, cents: each round of stretching, then each time it was left alone. */
export function driftWords(stretched: number[], rested: number[]): string {
    const said = (drifts: number[]) => drifts.map((drift) => withMinus(drift, 0)).join(', ');
    return `${said(stretched) || '–'}${rested.length > 0 ? `; left alone ${said(rested)}` : ''}`;
}

/** What a new string still needs: rounds of stretching, or time. */
export function thenWords(rounds: number | null, next: number | null, holds: number | null): string {
    if (rounds === null) {
        return 'not read yet';
    }
    if (rounds > 0) {
        return `${rounds} more, next about ${fixed(next ?? 0, 0)}`;
    }
    return holds === null ? 'seated' : `holds after ${spanWords(1000 * holds)}`;
}
