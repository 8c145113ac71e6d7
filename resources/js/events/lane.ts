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

/** What was said here and has not arrived, in the order in which it was noted: on the page at once, on the device in a moment. */
class OwnEvents {
    readonly state = createStore<LaneState>()(() => ({ own: [], held: null, trouble: null, gone: false }));
    private keeper: Keeper | null = null;
    /** Noted on this page, and not numbered yet. */
    private readonly unnumbered = new Set<string>();

    constructor(
        private readonly lane: string,
        private readonly opening: Promise<Keeper>,
    ) {}

    get device(): string {
        return this.keeper?.device ?? '…';
    }

    get gone(): boolean {
        return this.state.getState().gone;
    }

    all(): Own[] {
        return this.state.getState().own;
    }

    /** Those that may be sent: nothing goes before what was noted first. */
    waiting(): Own[] {
        const all = this.all().filter(({ refused }) => refused === null);
        const first = all.findIndex(({ id }) => this.unnumbered.has(id));
        return first === -1 ? all : all.slice(0, first);
    }

    change(how: (own: Own[]) => Own[]): void {
        this.state.setState({ own: how(this.all()) });
    }

    note(own: Own): Promise<void> {
        this.unnumbered.add(own.id);
        this.change((all) => [...all, own]);
        return this.keep(own);
    }

    put(changed: Own): Promise<void> {
        this.change((all) => all.map((each) => (each.id === changed.id ? changed : each)));
        return this.keep(changed);
    }

    forget(ids: string[]): Promise<void> {
        this.change((all) => all.filter(({ id }) => !ids.includes(id)));
        return this.opening.then((kept) => kept.forget(ids));
    }

    /** With what this device kept from before. */
    async open(job: number): Promise<void> {
        const kept = await this.opening;
        this.keeper = kept;
        await takeUpOlder(job, this.lane, kept);
        const before = await kept.of<JobEvent>(this.lane);
        const here = new Set(this.all().map(({ id }) => id));
        this.change((all) => [...before.filter(({ id }) => !here.has(id)).map(ownOf), ...all]);
        this.state.setState({ trouble: kept.trouble() });
    }

    private async keep(own: Own): Promise<void> {
        const kept = this.keeper ?? (await this.opening);
        const { refused, ...event } = { ...own, device: kept.device };
        const n = await kept.put({ id: own.id, lane: this.lane, at: own.at, body: event, refused });
        this.unnumbered.delete(own.id);
        this.change((all) => all.map((each) => (each.id === own.id ? { ...each, sequence: n, device: kept.device } : each)));
        this.state.setState({ trouble: kept.trouble() });
    }
}

export function createLane(job: number, opening: Promise<Keeper>): Lane {
    const address = jobsRecord(job);
    const own = new OwnEvents(`job:${job}`, opening);
    const { state } = own;
    let knows: (() => { since: number; touched: string }) | null = null;
    let takes: ((answer: unknown) => void) | null = null;
    const body = (events: Own[]) => ({
        now: new Date().toISOString(),
        ...knows?.(),
        events: events.map(({ refused: _, ...event }) => event),
    });
    const sender = createSender<Own[]>(
        () => {
            const batch = own.waiting().slice(0, BATCH);
            return batch.length === 0 || own.gone ? null : batch;
        },
        async (batch) => {
            const answer = await ask<Took | undefined>(address, { method: 'POST', body: body(batch) });
            const took = answer !== undefined && Array.isArray(answer.took) ? answer.took : null;
            if (took === null || !batch.every(({ id }) => took.includes(id))) {
                throw new NotOurs();
            }
            takes?.(answer);
            await own.forget(took);
        },
        (failure, batch) => refusedOf(own, failure, batch),
    );
    sender.state.subscribe(({ held }) => state.setState({ held }));
    const opened = own.open(job);
    const send = () => opened.then(() => sender.send());

    return {
        state,
        send,
        record: (kind, data) => {
            const said = saidNow(own.device, knows?.().since ?? null, kind, data);
            void own.note(said).then(send);
            return said.id;
        },
        there: () => {
            if (own.gone) {
                state.setState({ gone: false });
                void send();
            }
        },
        mend: (id, data) => {
            const said = own.all().find((each) => each.id === id);
            if (said !== undefined) {
                void own.put({ ...said, ...(data === undefined ? {} : { data }), refused: null } as Own).then(send);
            }
        },
        letGo: (id) => void own.forget([id]),
        leave: () => {
            const last = own.all().filter(({ refused }) => refused === null);
            if (last.length > 0 && !own.gone) {
                // What arrives is known by its id when it is sent again.
                const request = { method: 'POST', body: body(last.slice(0, LAST_BATCH)), keepalive: true } as const;
                void ask(address, request).catch(() => undefined);
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

/** An event that is said here and now. */
function saidNow(device: string, seen: number | null, kind: Kind, data: JobEvent['data']): Own {
    return {
        id: newUuid(),
        device,
        sequence: null,
        seen,
        at: new Date().toISOString(),
        ...(whoWorks() === '' ? {} : { by: whoWorks() }),
        kind,
        data,
        refused: null,
    } as unknown as Own;
}

/** What is refused of a batch stays, with why; true where that is dealt with. */
async function refusedOf(own: OwnEvents, failure: unknown, batch: Own[]): Promise<boolean | string> {
    if (failure instanceof Refused && failure.status === 404) {
        own.state.setState({ gone: true });
        return false;
    }
    const named = failure instanceof Refused ? namedIn(failure, batch) : new Map<string, string>();
    for (const [id, words] of named) {
        const said = own.all().find((each) => each.id === id);
        if (said !== undefined) {
            await own.put({ ...said, refused: words });
        }
    }
    return named.size > 0 || (failure instanceof Error ? failure.message : 'That did not work.');
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
