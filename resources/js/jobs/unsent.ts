/** Something that happened in a job, as this device noted it. */
export interface JobEvent {
    uuid: string;
    kind:
        | 'did'
        | 'back'
        | 'rests'
        | 'schools'
        | 'again'
        | 'shortened'
        | 'chose'
        | 'turned'
        | 'measured'
        | 'died'
        | 'drifted'
        | 'noted'
        | 'bench'
        | 'agreed'
        | 'undone'
        | 'finished'
        | 'reopened';
    data: Record<string, unknown>;
    at: string;
}

const key = (job: number) => `lira.job.${job}.unsent`;

/** What was done on this device and has not reached the server, the first first. Kept in the browser, so that a reload loses none. */
export function unsentOf(job: number): JobEvent[] {
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(key(job)) ?? '[]');
        return Array.isArray(kept) ? (kept as JobEvent[]) : [];
    } catch {
        return [];
    }
}

function keep(job: number, events: JobEvent[]): JobEvent[] {
    try {
        if (events.length === 0) {
            localStorage.removeItem(key(job));
        } else {
            localStorage.setItem(key(job), JSON.stringify(events));
        }
    } catch {
        // Where a browser keeps nothing, this page still does.
    }
    return events;
}

export function keepUnsent(job: number, event: JobEvent): JobEvent[] {
    return keep(job, [...unsentOf(job), event]);
}

/** These have arrived, or will never. */
export function forgetUnsent(job: number, uuids: string[]): JobEvent[] {
    return keep(
        job,
        unsentOf(job).filter(({ uuid }) => !uuids.includes(uuid)),
    );
}

/** A name by which a message that comes twice is known. */
export function newUuid(): string {
    // Beyond this machine, without a secure connection, browsers do not offer randomUUID.
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
    bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}

/** Keys that are done once what was not sent yet is counted in. */
export function doneWith(known: readonly string[], unsent: readonly JobEvent[]): string[] {
    const done = new Set(known);
    const slips = new Set(unsent.filter(({ kind }) => kind === 'undone').map(({ data }) => data['event']));
    for (const { kind, data, uuid } of unsent) {
        if (slips.has(uuid)) {
            continue;
        }
        const step = data['key'];
        if (kind === 'did' && typeof step === 'string') {
            done.add(step);
        } else if (kind === 'back' && typeof step === 'string') {
            done.delete(step);
        } else if (kind === 'again') {
            for (const part of ['packet', 'seat', 'fit', 'tune-string']) {
                done.delete(`${part}:${String(data['position'])}`);
            }
        }
    }
    return [...done];
}
