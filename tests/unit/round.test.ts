import { describe, expect, test } from 'vitest';
import { isKnown, observed, roundsAfter, startOf, worstOf, type Act, type Rounds } from '../../resources/js/tuning/round';

const after = (rounds: Rounds, ...acts: Act[]) => acts.reduce(roundsAfter, rounds);
const hear = (position: number, cents: number, first = 3): Act => ({ do: 'hear', position, cents, first });
const next = (position: number, cents = 7): Extract<Act, { do: 'next' }> => ({
    do: 'next',
    of: 3,
    known: false,
    position,
    cents,
});

describe('a round', () => {
    test('begins by what is known, goes through the tuners and ends with the last', () => {
        const start = after(startOf([null, null, null]), hear(1, -40), hear(2, -60), hear(3, -80));
        expect([isKnown(start), worstOf(start)]).toEqual([true, 80]);
        const begun = after(start, { do: 'begin', planned: 0.5 }, hear(3, 4));
        expect(begun.round).toEqual({
            start: [-40, -60, -80],
            at: 0,
            by: { observations: [], rounds: [] },
            planned: 0.5,
            brought: [],
        });
        const second = after(begun, next(3));
        expect([second.round?.at, second.present]).toEqual([1, [-40, -60, 4]]);
        const over = after(second, next(2), next(1));
        // How they stand now nobody has heard.
        expect([over.round, over.present, over.earlier]).toEqual([null, [null, null, null], [[-40, -60, -80]]]);
        // In practice it is known.
        expect(after(second, { do: 'choose', at: 2 }, { ...next(1), known: true }).present).toEqual([-40, -60, 4]);
    });

    test('another tuner’s turn is chosen only within one', () => {
        const begun = after(startOf([1, 2]), { do: 'begin', planned: 1 }, { do: 'choose', at: 1 });
        expect(begun.round?.at).toBe(1);
        expect(after(begun, { do: 'choose', at: -1 }).round?.at).toBe(0);
        const none = startOf([1, 2]);
        expect(after(none, { do: 'choose', at: 1 }, next(1))).toBe(none);
    });

    test('the furthest is of those that are tuned', () => {
        expect(worstOf(after(startOf([3, -40, 90]), { do: 'leave', position: 3, alone: true }))).toBe(40);
        expect(worstOf(startOf([null, 0]))).toBe(0);
    });

    test('strings are left alone, and taken up again, whatever is heard by', () => {
        const left = after(startOf([1, 2]), { do: 'leave', position: 2, alone: true }, { do: 'leave', position: 1, alone: true });
        expect([...after(left, { do: 'leave', position: 2, alone: false }, { do: 'anew' }).left]).toEqual([1]);
        expect(after(left, { do: 'anew' }).present).toEqual([null, null]);
    });
});

describe('what it teaches', () => {
    test('a tuner that moved tells of the strings that were heard before and after', () => {
        expect(observed(1, [-100, 10, null], [0, 4, 7])).toEqual({
            position: 1,
            from_cents: -100,
            to_cents: 0,
            others: [{ position: 2, from_cents: 10, to_cents: 4 }],
        });
        expect(observed(1, [-49, 10], [-49, 4])).toBeNull();
        expect(observed(1, [null, 10], [0, 4])).toBeNull();
        expect(observed(1, [-100, null], [0, 4])).toBeNull();
    });

    test('the first is turned down, and once all are heard again it is known what the others did', () => {
        const learning = after(startOf([0, 0, 0]), { do: 'learn' });
        expect([learning.present, learning.learning]).toEqual([
            [null, null, null],
            [0, 0, 0],
        ]);
        const some = after(learning, hear(1, 6), hear(3, -100));
        expect(some.read.observations).toEqual([]);
        const all = after(some, hear(2, 5));
        expect(all.learning).toBeNull();
        expect(all.read.observations).toMatchObject([
            { position: 3, from_cents: 0, to_cents: -100, others: [{ position: 1 }, { position: 2 }] },
        ]);
        // A round that is under way goes on by what was known when it began.
        const turned: Act = { do: 'turned', position: 1, after: [0, -5] };
        const begun = after(startOf([-90, 0]), turned, { do: 'begin', planned: 1 }, turned);
        // A round is read as a whole, when it is over.
        expect([begun.read.observations.length, begun.round?.by.observations.length]).toEqual([1, 1]);
    });

    test('a round that is over tells once all are heard again: where they were brought, as heard or else as asked', () => {
        const over = after(
            startOf([-40, -60, -80]),
            { do: 'begin', planned: 0.5 },
            hear(3, 4),
            next(3),
            { do: 'stand', present: [-40, null, 4] },
            next(2),
            hear(1, 1),
            next(1),
        );
        expect([over.read.rounds, over.unread?.brought]).toEqual([
            [],
            [
                { position: 3, cents: 4 },
                { position: 2, cents: 7 },
                { position: 1, cents: 1 },
            ],
        ]);
        const heard = after(over, hear(1, 0), hear(2, -3), hear(3, 2));
        expect([heard.unread, heard.read.rounds]).toEqual([
            null,
            [
                {
                    start_cents: [-40, -60, -80],
                    brought: over.unread?.brought,
                    after_cents: [0, -3, 2],
                    planned_um_per_n: 0.5,
                },
            ],
        ]);
        // It is told once, and the next goes by it.
        const again = after(heard, hear(1, 2), { do: 'begin', planned: 0.6 });
        expect([again.read.rounds.length, again.round?.by.rounds.length]).toEqual([1, 1]);
        // One that was passed over was not turned, and the round tells nothing.
        const skipped = after(startOf([-40, -60, -80]), { do: 'begin', planned: 0.5 }, next(3), { do: 'choose', at: 2 }, next(1));
        expect(skipped.unread).toBeNull();
    });
});
