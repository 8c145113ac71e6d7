import type { JobRow } from '../generated/views';

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
