import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { progressOf, type Progress } from '../../resources/js/events/progress';
import type { Received } from '../../resources/js/events/log';

interface Log {
    about: string;
    rounds: string[];
    events: Received[];
    end: Record<string, unknown>;
}

const logs = JSON.parse(readFileSync('tests/fixtures/job-events.json', 'utf8')) as Log[];

/** What events come to, as the fixture says it. */
function end({ measured, ...progress }: Progress): unknown {
    const second = (at: string) => new Date(1000 * Math.floor(Date.parse(at) / 1000)).toISOString().replace('.000', '');
    const byKey = (map: Iterable<[number | string, unknown]>) => [...map].sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0));
    const timed = <T extends { at: string }>(row: T) => ({ ...row, at: second(row.at) });
    return {
        done: [...progress.done.values()].map(timed),
        over: [...progress.over],
        rests: byKey([...progress.rests].map(([key, until]) => [key, second(until)])),
        schools: byKey(Object.entries(progress.schools)),
        wrong: progress.wrong.map(timed),
        chosen: byKey(progress.chosen),
        shortened: byKey(progress.shortened),
        turned: byKey(progress.turned),
        before: measured.before ?? null,
        after: measured.after ?? null,
        drifts: byKey([...progress.drifts].map(([position, drifts]) => [position, drifts.map(timed)])),
        died: byKey(progress.died),
        notes: progress.notes.map(timed),
        disputes: progress.disputes.map(timed),
        bench: progress.bench,
        agreed: progress.agreed,
        finished: progress.finished === null ? null : timed(progress.finished),
    };
}

test.each(logs.map((log) => [log.about, log] as const))('comes to what the core says: %s', (_, log) => {
    expect(end(progressOf(log.events, log.rounds))).toEqual(log.end);
    // In whichever order they are handed over, each as often as it likes.
    const shuffled = [...log.events].reverse().concat(log.events);
    expect(end(progressOf(shuffled, log.rounds))).toEqual(log.end);
});

test('the logs have every kind of event, several devices, and what was undone', () => {
    const kinds = new Set(logs.flatMap(({ events }) => events.map(({ kind }) => kind)));
    expect(kinds.size).toBe(17);
    expect(logs.length).toBeGreaterThan(40);
    expect(logs.some(({ end: { disputes } }) => Array.isArray(disputes) && disputes.length > 0)).toBe(true);
});
