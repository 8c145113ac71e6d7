import type { Job, JobRow } from '../generated/views';
import { fixed, withMinus } from '../units/figures';
import { spanWords } from '../units/times';

export const REASONS: Record<Job['reason'], string> = {
    dull: 'the old ones are dull',
    broken: 'one broke',
    show: 'a show',
    season: 'the season',
    corroded: 'the old ones are corroded',
    conversion: 'a conversion',
    other: 'another reason',
};

/** Which strings, in words: string 4; strings 3 and 4. */
export function stringsWords(positions: number[]): string {
    return positions.length === 1
        ? `string ${positions[0]}`
        : `strings ${positions.slice(0, -1).join(', ')} and ${positions.at(-1)}`;
}

/** Whether a job wants a hand now, rests, waits for a string, or is over. */
export type Want = 'hand' | 'rests' | 'waits' | 'over';

export function wantOf(row: JobRow, now: number): Want {
    if (row.status === 'finished') {
        return 'over';
    }
    if (row.blocked) {
        return 'waits';
    }
    return row.until !== null && Date.parse(row.until) > now ? 'rests' : 'hand';
}

const ORDER: Record<Want, number> = { hand: 0, rests: 1, waits: 2, over: 3 };

/** By what wants a hand next: what can be gone on with by its promised day, then what rests by when it is over, then what waits. */
export function byNextHand(rows: JobRow[], now: number): JobRow[] {
    const rank = (row: JobRow) => {
        const want = wantOf(row, now);
        const day = row.promised === null ? Infinity : Date.parse(row.promised);
        const time = want === 'rests' ? Date.parse(row.until ?? '') : want === 'over' ? -Date.parse(row.finished ?? '') : day;
        return [ORDER[want], time, Date.parse(row.touched)] as const;
    };
    return [...rows].sort((a, b) => {
        const [x, y] = [rank(a), rank(b)];
        return x[0] - y[0] || (x[1] === y[1] ? 0 : x[1] - y[1]) || x[2] - y[2];
    });
}

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
