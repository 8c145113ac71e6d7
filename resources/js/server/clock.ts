import { create } from 'zustand';

/** A clock that is no further off than this is taken at its word. */
const OFF_MS = 120_000;

/** By how much the server's clock is ahead of this device's, where that is more than any should be; else 0. */
export const useAhead = create<{ aheadMs: number }>()(() => ({ aheadMs: 0 }));

/** Takes from an answer what time it is there. */
export function hearClock(now: string): void {
    const off = Date.parse(now) - Date.now();
    const aheadMs = Math.abs(off) > OFF_MS ? off : 0;
    // Not every second that an answer takes is another clock.
    if (Math.abs(aheadMs - useAhead.getState().aheadMs) > 2000) {
        useAhead.setState({ aheadMs });
    }
}

/** What time it is, by the server where this device's clock is off. */
export function clockNow(): number {
    return Date.now() + useAhead.getState().aheadMs;
}

/** A moment that this device noted by its own clock, by the server's. */
export function corrected(at: string, aheadMs: number): string {
    return aheadMs === 0 ? at : new Date(Date.parse(at) + aheadMs).toISOString();
}
