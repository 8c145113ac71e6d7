import type { SetDocument } from '../../generated/formats';

/** What somebody changed in a set and the server has not acknowledged yet, kept in this browser. */
export interface Unsaved {
    set: number;
    /** Of the saved state it was made from. */
    revision: number;
    at: string;
    /** The page it was changed on. */
    tab: string;
    document: SetDocument;
}

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

function key(set: number, of: string): string {
    return `${PREFIX}${set}.${of}`;
}

/** Keeps what is not saved yet, over what this page kept of the same set before. */
export function keepUnsaved(set: number, revision: number, document: SetDocument): void {
    const unsaved: Unsaved = { set, revision, at: new Date().toISOString(), tab, document };
    try {
        localStorage.setItem(key(set, tab), JSON.stringify(unsaved));
    } catch {
        // No room, or none allowed: it is still on the page, and saved as soon as the server answers.
    }
}

export function forgetUnsaved(set: number, of: string = tab): void {
    localStorage.removeItem(key(set, of));
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
    const locks = navigator.locks as LockManager | undefined;
    const held = new Set((await locks?.query())?.held?.map(({ name }) => name));
    const gone = (kept: Unsaved) =>
        kept.tab !== tab &&
        (locks === undefined
            ? kept.tab === before || Date.parse(kept.at) < Date.now() - LIVING_MS
            : !held.has(`${TAB}.${kept.tab}`));
    return Object.keys(localStorage)
        .filter((name) => name.startsWith(PREFIX))
        .map((name) => read(localStorage.getItem(name)))
        .filter((kept): kept is Unsaved => kept !== null && gone(kept))
        .sort((a, b) => b.at.localeCompare(a.at));
}
