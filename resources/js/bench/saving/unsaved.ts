import type { SetDocument } from '../../generated/formats';
import { theKeeper, type Keeper } from '../../server/keeper';

/** What somebody changed in a set and the server has not acknowledged yet, kept on this device. */
export interface Unsaved {
    set: number;
    /** Of the saved state it was made from. */
    revision: number;
    at: string;
    /** The page it was changed on. */
    tab: string;
    document: SetDocument;
}

/** Under which an earlier version kept it. */
const PREFIX = 'lira.unsaved.';
const TAB = 'lira.tab';
/** Where the browser cannot say which pages live, what was written so lately is taken to be another one's. */
const LIVING_MS = 60_000;

/** Every page has an id of its own, so that what an earlier one left is never taken for its, and never forgotten with it. */
const tab = crypto.getRandomValues(new Uint32Array(2)).join('-');
/** Of the page that was in this tab before, which is gone. */
let before: string | null = null;

/** Marks this page as living for as long as it does. */
async function live(): Promise<void> {
    before = sessionStorage.getItem(TAB);
    sessionStorage.setItem(TAB, tab);
    const locks = navigator.locks as LockManager | undefined;
    if (locks !== undefined) {
        await new Promise<void>((held) => {
            void locks.request(`${TAB}.${tab}`, () => {
                held();
                return new Promise<never>(() => undefined);
            });
        });
    }
}

const living = typeof window === 'undefined' ? Promise.resolve() : live();

function lane(set: number): string {
    return `set:${set}`;
}

function idOf(set: number, of: string): string {
    return `${lane(set)}.${of}`;
}

/** One after the other, so that what is forgotten is not kept after it. */
let keeping: Promise<unknown> = Promise.resolve();

function next(what: (keeper: Keeper) => Promise<unknown>): Promise<void> {
    const done = keeping.then(() => theKeeper()).then(what, () => undefined);
    keeping = done;
    return done.then(() => undefined);
}

/** Keeps what is not saved yet, in place of what this page kept of the same set before. */
export function keepUnsaved(set: number, revision: number, document: SetDocument): void {
    const unsaved: Unsaved = { set, revision, at: new Date().toISOString(), tab, document };
    void next((keeper) => keeper.put({ id: idOf(set, tab), lane: lane(set), at: unsaved.at, body: unsaved, refused: null }));
}

export function forgetUnsaved(set: number, of: string = tab): void {
    void next((keeper) => keeper.forget([idOf(set, of)]));
}

/** Takes over what an earlier version kept in this browser, and what it would be read as. */
async function takeUpOlder(keeper: Keeper): Promise<void> {
    try {
        for (const name of Object.keys(localStorage).filter((each) => each.startsWith(PREFIX))) {
            const kept = read(localStorage.getItem(name));
            if (kept !== null) {
                await keeper.put({ id: idOf(kept.set, kept.tab), lane: lane(kept.set), at: kept.at, body: kept, refused: null });
            }
            localStorage.removeItem(name);
        }
    } catch {
        // Where a browser keeps nothing, there was nothing.
    }
}

function read(text: string | null): Unsaved | null {
    try {
        const value: unknown = JSON.parse(text ?? 'null');
        return typeof value === 'object' && value !== null && 'document' in value && 'set' in value ? (value as Unsaved) : null;
    } catch {
        return null;
    }
}

/** What was left unsaved by pages that are gone: by a crash, a reload, an update. The newest first. */
export async function leftUnsaved(): Promise<Unsaved[]> {
    await living;
    await next(takeUpOlder);
    const locks = navigator.locks as LockManager | undefined;
    const held = new Set((await locks?.query())?.held?.map(({ name }) => name));
    const gone = (kept: Unsaved) =>
        kept.tab !== tab &&
        (locks === undefined
            ? kept.tab === before || Date.parse(kept.at) < Date.now() - LIVING_MS
            : !held.has(`${TAB}.${kept.tab}`));
    return (await (await theKeeper()).starting<Unsaved>('set:'))
        .map(({ body }) => body)
        .filter(gone)
        .sort((a, b) => b.at.localeCompare(a.at));
}
