import { create } from 'zustand';

interface Switch {
    on: boolean;
    turn: (on: boolean) => void;
}

/** Something that is on or off on this device; off until somebody turns it on. */
function kept(key: string, yes: string, no: string) {
    const read = () => {
        try {
            return localStorage.getItem(key) === yes;
        } catch {
            return false;
        }
    };
    return create<Switch>()((set) => ({
        on: read(),
        turn: (on) => {
            try {
                localStorage.setItem(key, on ? yes : no);
            } catch {
                // Not remembered, then.
            }
            set({ on });
        },
    }));
}

/** Whether the strings may be heard on the Bench. */
export const useHearingOn = kept('lira.hearing', 'on', 'off');

/** Whether the steps of a job are read aloud. */
export const useAloudOn = kept('lira.job.aloud', 'yes', 'no');
