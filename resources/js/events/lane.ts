import { createStore, type StoreApi } from 'zustand';
import type { JobEvent } from '../generated/formats';
import { ask, NotOurs, Refused } from '../server/api';
import { newUuid, theKeeper, type Keeper, type Numbered } from '../server/keeper';
import { createSender } from '../server/sender';
import { takeUpOlder } from './older';
import { whoWorks } from './who';
import { jobsRecord } from '../generated/addresses/jobs';

export type Kind = JobEvent['kind'];

/** What belongs to a kind of event. */
export type DataOf<K extends Kind> = Extract<JobEvent, { kind: K }>['data'];

/** Notes that something happened; gives its id. */
export type Record = <K extends Kind>(kind: K, data: DataOf<K>) => string;

/** An event as this device noted it. */
export type Own = JobEvent & { refused: string | null };

interface LaneState {
    /** What was said here and has not arrived, in its order; what was refused included. */
    own: Own[];
    /** Why nothing goes out just now, in words. */
    held: string | null;
    /** Why what is kept here does not outlive this page, in words. */
    trouble: string | null;
    /** The job is not there any more. */
    gone: boolean;
}

/** What the server answers to what happened. */
export interface Took {
    took: string[];
    now: string;
    behind_s: number;
}

/** All that goes from this device to one job. */
export interface Lane {
    state: StoreApi<LaneState>;
    record: Record;
    /** Sends what is there. */
    send: () => Promise<void>;
    /** Once this device knows the job to be there. */
    there: () => void;
    /** Says something anew that was refused, otherwise or as it was. */
    mend: (id: string, data?: JobEvent['data']) => void;
    letGo: (id: string) => void;
    /** The last chance before the page goes: sends what it can without waiting. */
    leave: () => void;
    /** What is known of the job goes along, and whoever looks at it takes the answer. */
    knowing: (known: () => { since: number; touched: string }, take: (answer: unknown) => void) => () => void;
}

const BATCH = 50;
/** What outlives a page may be no larger than 64 kB. */
const LAST_BATCH = 40;

const lanes = new Map<number, Lane>();

/** The one lane to a job on this page. */
export function laneTo(job: number): Lane {
    const known = lanes.get(job);
    if (known !== undefined) {
        return known;
    }
    const made = createLane(job, theKeeper());
    lanes.set(job, made);
    return made;
}

export function createLane(job: number, opening: Promise<Keeper>): Lane {
    const lane = `job:${job}`;
    const address = jobsRecord(job);
    const state = createStore<LaneState>()(() => ({ own: [], held: null, trouble: null, gone: false }));
    let keeper: Keeper | null = null;
    let knows: (() => { since: number; touched: string }) | null = null;
    let takes: ((answer: unknown) => void) | null = null;
    /** Noted on this page, and not numbered yet. */
    const unnumbered = new Set<string>();

    const change = (how: (own: Own[]) => Own[]) => state.setState({ own: how(state.getState().own) });
    /** In their order: nothing goes before what was noted first. */
    const waiting = () => {
        const all = state.getState().own.filter(({ refused }) => refused === null);
        const first = all.findIndex(({ id }) => unnumbered.has(id));
        return first === -1 ? all : all.slice(0, first);
    };
    const body = (events: Own[]) => ({
        now: new Date().toISOString(),
        ...knows?.(),
        events: events.map(({ refused: _, ...event }) => event),
    });

    const keep = async (own: Own) => {
        const kept = keeper ?? (await opening);
        const { refused, ...event } = { ...own, device: kept.device };
        const n = await kept.put({ id: own.id, lane, at: own.at, body: event, refused });
        unnumbered.delete(own.id);
        change((all) => all.map((each) => (each.id === own.id ? { ...each, sequence: n, device: kept.device } : each)));
        state.setState({ trouble: kept.trouble() });
    };

    const sender = createSender<Own[]>(
        () => {
            const batch = waiting().slice(0, BATCH);
            return batch.length === 0 || state.getState().gone ? null : batch;
        },
        async (batch) => {
            const answer = await ask<Took | undefined>(address, { method: 'POST', body: body(batch) });
            const took = answer !== undefined && Array.isArray(answer.took) ? answer.took : null;
            if (took === null || !batch.every(({ id }) => took.includes(id))) {
                throw new NotOurs();
            }
            takes?.(answer);
            change((all) => all.filter(({ id }) => !took.includes(id)));
            await (await opening).forget(took);
        },
        async (failure, batch) => {
            if (failure instanceof Refused && failure.status === 404) {
                state.setState({ gone: true });
                return false;
            }
            const named = failure instanceof Refused ? namedIn(failure, batch) : new Map<string, string>();
            for (const [id, words] of named) {
                change((all) => all.map((own) => (own.id === id ? { ...own, refused: words } : own)));
                const own = state.getState().own.find((each) => each.id === id);
                if (own !== undefined) {
                    await keep(own);
                }
            }
            return named.size > 0 || (failure instanceof Error ? failure.message : 'That did not work.');
        },
    );
    sender.state.subscribe(({ held }) => state.setState({ held }));

    const opened = opening.then(async (kept) => {
        keeper = kept;
        await takeUpOlder(job, lane, kept);
        const before = await kept.of<JobEvent>(lane);
        const here = new Set(state.getState().own.map(({ id }) => id));
        change((all) => [...before.filter(({ id }) => !here.has(id)).map(ownOf), ...all]);
        state.setState({ trouble: kept.trouble() });
    });
    const send = () => opened.then(() => sender.send());

    return {
        state,
        send,
        record: (kind, data) => {
            const id = newUuid();
            const own = {
                id,
                device: keeper?.device ?? '…',
                sequence: null,
                seen: knows?.().since ?? null,
                at: new Date().toISOString(),
                ...(whoWorks() === '' ? {} : { by: whoWorks() }),
                kind,
                data,
                refused: null,
            } as unknown as Own;
            unnumbered.add(id);
            change((all) => [...all, own]);
            void keep(own).then(send);
            return id;
        },
        there: () => {
            if (state.getState().gone) {
                state.setState({ gone: false });
                void send();
            }
        },
        mend: (id, data) => {
            const own = state.getState().own.find((each) => each.id === id);
            if (own !== undefined) {
                const mended = { ...own, ...(data === undefined ? {} : { data }), refused: null } as Own;
                change((all) => all.map((each) => (each.id === id ? mended : each)));
                void keep(mended).then(send);
            }
        },
        letGo: (id) => {
            change((all) => all.filter((each) => each.id !== id));
            void opening.then((kept) => kept.forget([id]));
        },
        leave: () => {
            const last = state.getState().own.filter(({ refused }) => refused === null);
            if (last.length > 0 && !state.getState().gone) {
                // What arrives is known by its id when it is sent again.
                void ask(address, { method: 'POST', body: body(last.slice(0, LAST_BATCH)), keepalive: true }).catch(
                    () => undefined,
                );
            }
        },
        knowing: (known, take) => {
            [knows, takes] = [known, take];
            return () => {
                if (knows === known) {
                    [knows, takes] = [null, null];
                }
            };
        },
    };
}

function ownOf({ body, n, refused }: Numbered<JobEvent>): Own {
    return { ...body, sequence: n, refused };
}

/** Which events of a batch an error names, with its words. */
function namedIn(failure: Refused, batch: readonly Own[]): Map<string, string> {
    const named = new Map<string, string>();
    for (const { path, message } of failure.problems) {
        const own = batch[Number(/^\/events\/(\d+)(?:\/|$)/.exec(path)?.[1] ?? NaN)];
        if (own !== undefined && !named.has(own.id)) {
            named.set(own.id, message);
        }
    }
    return named;
}
