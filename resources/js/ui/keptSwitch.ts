import { create } from 'zustand';

interface Switch {
    on: boolean;
    turn: (on: boolean) => void;
}

/** Something that is on or off on this device; off until somebody turns it on. */
export function keptSwitch(key: string, yes: string, no: string) {
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
