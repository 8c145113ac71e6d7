import type { EventAgain, JobEvent } from '../generated/formats';
import { inOrder, standing, type Received } from './log';

/** Farther from its pitch a string has not drifted, but was not tuned yet: as the core takes it. */
const FURTHEST_CENTS = 300;

export interface Done {
    key: string;
    at: string;
    device: string;
    /** How far from its pitch the tuner read it; null where it was brought there by hand. */
    cents: number | null;
}

/** A string that could not stay. */
export interface Wrong {
    position: number;
    reason: EventAgain['data']['reason'];
    where: string;
    whole: boolean;
    at: string;
}

/** What two devices said otherwise of a string, without knowing of each other; what the later received said counts. */
export interface Dispute {
    position: number;
    said: 'put-on' | 'came-off';
    of: string;
    against: string;
    by: string;
    at: string;
}

interface Touch {
    event: Received;
    is: Dispute['said'];
    joined: string[];
}

/**
 * How far a job is: what its events come to. Held to the core's own reckoning by tests/fixtures/job-events.json, so that what is done
 * without a connection looks as it will once it has arrived.
 */
export interface Progress {
    /** In the order in which they were done. */
    done: Map<string, Done>;
    /** Keys of strings that had to come off again. */
    over: Map<string, number>;
    /** Until when what is left alone, by key. */
    rests: Map<string, string>;
    schools: Record<string, string>;
    wrong: Wrong[];
    /** The lot each string comes from; null where it is not of the drawer. */
    chosen: Map<number, number | null>;
    shortened: Map<number, { left_mm: number; turns: number }>;
    turned: Map<number, number>;
    measured: Partial<Record<'before' | 'after', Measured>>;
    drifts: Map<number, { cents: number; at: string; rested: boolean }[]>;
    died: Map<number, { how: string; where: string }>;
    notes: { text: string; position: number | null; at: string }[];
    disputes: Dispute[];
    bench: string | null;
    agreed: { owner: string; reason: string; promised_on: string | null } | null;
    finished: { at: string; felt: string; coated: boolean } | null;
}

export interface Measured {
    action_12_mm: number | null;
    relief_mm: number | null;
    bridge_mm: number | null;
    adjusted: boolean;
}

class Course {
    readonly progress: Progress = {
        done: new Map(),
        over: new Map(),
        rests: new Map(),
        schools: {},
        wrong: [],
        chosen: new Map(),
        shortened: new Map(),
        turned: new Map(),
        measured: {},
        drifts: new Map(),
        died: new Map(),
        notes: [],
        disputes: [],
        bench: null,
        agreed: null,
        finished: null,
    };
    readonly times = new Map<number, number>();
    private readonly touches = new Map<number, Touch[]>();

    constructor(readonly rounds: readonly string[]) {}

    /** That a string was put on or came off again; false where another device had said the very same, so that it counts once. */
    touch(position: number, event: Received, is: Dispute['said']): boolean {
        const earlier = this.touches.get(position) ?? [];
        for (const touch of earlier) {
            if (!ignores(event, touch.event)) {
                continue;
            }
            if (touch.is !== is) {
                this.dispute({ position, said: is, of: event.id, against: touch.event.device, by: event.device, at: event.at });
            } else if (is === 'came-off' && !touch.joined.includes(event.device)) {
                touch.joined.push(event.device);
                return false;
            }
        }
        this.touches.set(position, [...earlier, { event, is, joined: [] }]);
        return true;
    }

    private dispute(dispute: Dispute): void {
        const { disputes } = this.progress;
        const same = (known: Dispute) =>
            known.position === dispute.position &&
            known.said === dispute.said &&
            known.by === dispute.by &&
            known.against === dispute.against;
        if (!disputes.some(same)) {
            disputes.push(dispute);
        }
    }
}

/** Whether an event was said without knowing of the other, on another device. */
function ignores(event: Received, other: Received): boolean {
    return event.device !== other.device && typeof event.seen === 'number' && event.seen < other.order;
}

type Happen<K extends JobEvent['kind']> = (
    course: Course,
    data: Extract<JobEvent, { kind: K }>['data'],
    event: Received,
) => unknown;

/** What each kind of event makes of how far a job is. */
const HAPPEN: { [K in JobEvent['kind']]: Happen<K> } = {
    did: (course, { key, cents = null }, event) => {
        const { done, rests } = course.progress;
        if (!done.has(key)) {
            done.set(key, { key, at: event.at, device: event.device, cents });
        }
        rests.delete(key);
        const string = /^(?:seat|fit|tune-string):(\d+)$/.exec(key)?.[1];
        return string === undefined || course.touch(Number(string), event, 'put-on');
    },
    back: ({ progress }, { key }) => progress.done.delete(key),
    rests: ({ progress }, { key, until }) => progress.rests.set(key, until),
    schools: ({ progress }, { schools }) => Object.assign(progress.schools, schools),
    again: (course, { position, reason, where = '', was = null, whole = false }, event) => {
        if (!course.touch(position, event, 'came-off')) {
            return;
        }
        const { progress, times, rounds } = course;
        const time = (times.get(position) ?? 0) + 1;
        times.set(position, time);
        // The wrong one is another position's; whole it goes back into its packet.
        const of = reason === 'wrong' && !whole ? (was ?? position) : position;
        progress.wrong.push({ position: of, reason, where, whole, at: event.at });
        if (progress.done.has(`seat:${position}`) || progress.done.has(`fit:${position}`)) {
            progress.over.set(`${whole ? 'whole' : 'again'}:${position}:${time}`, position);
        }
        for (const key of [`packet:${position}`, `seat:${position}`, `fit:${position}`, `tune-string:${position}`, ...rounds]) {
            progress.done.delete(key);
            progress.rests.delete(key);
        }
        progress.chosen.delete(position);
        progress.shortened.delete(position);
        progress.turned.delete(position);
        progress.drifts.delete(position);
    },
    shortened: ({ progress }, { position, left_mm, turns }) => progress.shortened.set(position, { left_mm, turns }),
    chose: ({ progress }, { position, lot = null }) => progress.chosen.set(position, lot),
    turned: ({ progress }, { position, turns }) => progress.turned.set(position, turns),
    measured: ({ progress }, { when, action_12_mm = null, relief_mm = null, bridge_mm = null, adjusted = false }) => {
        progress.measured[when] = { action_12_mm, relief_mm, bridge_mm, adjusted };
    },
    died: ({ progress }, { position, how, where = '' }) => progress.died.set(position, { how, where }),
    drifted: ({ progress }, { rested = false, cents }, { at }) =>
        cents.forEach((drift, index) => {
            if (drift !== null && Math.abs(drift) <= FURTHEST_CENTS) {
                const before = progress.drifts.get(index + 1) ?? [];
                progress.drifts.set(index + 1, [...before, { cents: drift, at, rested }]);
            }
        }),
    noted: ({ progress }, { text, position = null }, { at }) => progress.notes.push({ text, position, at }),
    bench: ({ progress }, { bench = '' }) => (progress.bench = bench),
    agreed: ({ progress }, { owner = '', reason, promised_on = null }) => (progress.agreed = { owner, reason, promised_on }),
    // What it comes to, the log knows.
    undone: () => undefined,
    finished: ({ progress }, { felt = '', coated = false }, { at }) => (progress.finished ??= { at, felt, coated }),
    reopened: ({ progress }) => (progress.finished = null),
};

/** What events come to. @param rounds keys of what is done over once a string changes */
export function progressOf(received: readonly Received[], rounds: readonly string[]): Progress {
    const course = new Course(rounds);
    for (const event of standing(inOrder(received))) {
        // Each is held to its own data above; which it is, only now is known.
        (HAPPEN[event.kind] as unknown as Happen<never>)(course, event.data as never, event);
    }
    return course.progress;
}
