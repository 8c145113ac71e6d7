import type { JobEvent } from '../generated/formats';
import type { Keeper } from '../server/keeper';

interface Older {
    uuid: string;
    kind: string;
    data: Record<string, unknown>;
    at: string;
}

/** Takes up what an earlier version kept of a job in this browser and could not send. */
export async function takeUpOlder(job: number, lane: string, keeper: Keeper): Promise<void> {
    const key = `lira.job.${job}.unsent`;
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
        for (const { uuid, kind, data, at } of Array.isArray(kept) ? (kept as Older[]) : []) {
            const event = { id: uuid, device: keeper.device, seen: null, at, kind, data } as JobEvent;
            await keeper.put({ id: uuid, lane, at, body: event, refused: null });
        }
        localStorage.removeItem(key);
    } catch {
        // Where a browser keeps nothing, there was nothing.
    }
}
