import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** Something that is to reach the server, kept on this device until it has. */
export interface Parcel<T = unknown> {
    /** By which the server knows what comes twice. */
    id: string;
    /** What it belongs to: a job, a set. What is of one is sent in its order. */
    lane: string;
    at: string;
    body: T;
    /** Why the server cannot take it; null while nobody has said so. */
    refused: string | null;
}

/** With its number among all that this device keeps. */
export type Numbered<T = unknown> = Parcel<T> & { n: number };

export interface Keeper {
    /** Of this device: by it the server knows whose numbers they are. */
    readonly device: string;
    /** Why what is kept here does not outlive this page; null where it does. */
    trouble: () => string | null;
    /** Keeps one, in place of what has its id; gives its number. Never fails: what cannot be stored is kept by this page. */
    put: <T>(parcel: Parcel<T>) => Promise<number>;
    of: <T>(lane: string) => Promise<Numbered<T>[]>;
    /** All whose lane begins so. */
    starting: <T>(lane: string) => Promise<Numbered<T>[]>;
    forget: (ids: readonly string[]) => Promise<void>;
}

interface Store extends DBSchema {
    parcels: { key: number; value: Parcel & { n?: number }; indexes: { id: string; lane: string } };
    device: { key: string; value: string };
}

const BLOCKED = 'This browser keeps nothing for Lira. What you do goes out at once: leave this page only when all of it is sent.';
const FULL = 'There is no room left on this device. What you do goes out at once: leave this page only when all of it is sent.';

function hex(bytes: number): string {
    return [...crypto.getRandomValues(new Uint8Array(bytes))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

function newDevice(): string {
    return `${/Mobi|Android|iPad|Tablet/.test(navigator.userAgent) ? 'tablet' : 'computer'}-${hex(4)}`;
}

/** What a device is called where people read it: without what tells it from others of its kind. */
export function deviceWords(device: string): string {
    return device.replace(/-[\da-f]{8}$/, '');
}

/** A name by which a message that comes twice is known. */
export function newUuid(): string {
    // Beyond this machine, without a secure connection, browsers do not offer randomUUID.
    const digits = hex(16);
    const variant = ((parseInt(digits.charAt(16), 16) & 0x3) | 0x8).toString(16);
    return [
        digits.slice(0, 8),
        digits.slice(8, 12),
        `4${digits.slice(13, 16)}`,
        `${variant}${digits.slice(17, 20)}`,
        digits.slice(20),
    ].join('-');
}

/** Kept by this page alone. */
function memory(why: () => string | null, device: string): Keeper {
    let parcels: Numbered[] = [];
    let last = 0;
    return {
        device,
        trouble: why,
        put: (parcel) => {
            const known = parcels.find(({ id }) => id === parcel.id);
            const n = known?.n ?? ++last;
            parcels = [...parcels.filter(({ id }) => id !== parcel.id), { ...parcel, n }].sort((a, b) => a.n - b.n);
            return Promise.resolve(n);
        },
        of: <T>(lane: string) => Promise.resolve(parcels.filter((each) => each.lane === lane) as Numbered<T>[]),
        starting: <T>(lane: string) => Promise.resolve(parcels.filter((each) => each.lane.startsWith(lane)) as Numbered<T>[]),
        forget: (ids) => {
            parcels = parcels.filter(({ id }) => !ids.includes(id));
            return Promise.resolve();
        },
    };
}

function lasting(database: IDBPDatabase<Store>, device: string): Keeper {
    let full = false;
    // What did not fit is not lost while the page stands.
    const beside = memory(() => null, device);
    const joined = async <T>(found: Promise<Numbered[]>, besides: Promise<Numbered<T>[]>): Promise<Numbered<T>[]> => [
        ...((await found.catch(() => [])) as Numbered<T>[]),
        ...(await besides),
    ];
    return {
        device,
        trouble: () => (full ? FULL : null),
        put: async (parcel) => {
            try {
                const transaction = database.transaction('parcels', 'readwrite');
                const known = await transaction.store.index('id').getKey(parcel.id);
                const n = await transaction.store.put(known === undefined ? parcel : { ...parcel, n: known });
                await transaction.done;
                full = false;
                return n;
            } catch {
                full = true;
                // Behind all that has a number already.
                return 1e9 + (await beside.put(parcel));
            }
        },
        of: <T>(lane: string) =>
            joined<T>(database.getAllFromIndex('parcels', 'lane', lane) as Promise<Numbered[]>, beside.of<T>(lane)),
        starting: <T>(lane: string) =>
            joined<T>(
                database.getAllFromIndex('parcels', 'lane', IDBKeyRange.bound(lane, `${lane}\uffff`)) as Promise<Numbered[]>,
                beside.starting<T>(lane),
            ),
        forget: async (ids) => {
            await beside.forget(ids);
            try {
                const transaction = database.transaction('parcels', 'readwrite');
                for (const id of ids) {
                    const key = await transaction.store.index('id').getKey(id);
                    if (key !== undefined) {
                        await transaction.store.delete(key);
                    }
                }
                await transaction.done;
            } catch {
                // It is sent again some time, and known there.
            }
        },
    };
}

async function open(): Promise<Keeper> {
    try {
        const database = await openDB<Store>('lira', 1, {
            upgrade: (fresh) => {
                const parcels = fresh.createObjectStore('parcels', { keyPath: 'n', autoIncrement: true });
                parcels.createIndex('id', 'id', { unique: true });
                parcels.createIndex('lane', 'lane');
                fresh.createObjectStore('device');
            },
        });
        const transaction = database.transaction('device', 'readwrite');
        const device = (await transaction.store.get('id')) ?? newDevice();
        await transaction.store.put(device, 'id');
        await transaction.done;
        return lasting(database, device);
    } catch {
        return memory(() => BLOCKED, newDevice());
    }
}

let keeper: Promise<Keeper> | null = null;

/** Where this device keeps what is not sent yet; opened once. */
export function theKeeper(): Promise<Keeper> {
    keeper ??= open();
    return keeper;
}

/** For tests: what is opened next is opened anew. */
export function forgetKeeper(): void {
    keeper = null;
}
