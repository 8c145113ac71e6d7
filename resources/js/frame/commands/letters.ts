import { create } from 'zustand';

const COOKIE = 'lira_letters';
const YEAR = 60 * 60 * 24 * 365;

interface Letters {
    /** Whether single letters do something. */
    on: boolean;
    turn: (on: boolean) => void;
}

/** Single-letter keys, which whoever dictates or presses by chance can switch off; remembered on this machine. */
export const useLetters = create<Letters>()((set) => ({
    on: !document.cookie.split('; ').includes(`${COOKIE}=off`),
    turn: (on) => {
        document.cookie = `${COOKIE}=${on ? 'on' : 'off'}; path=/; max-age=${YEAR}; samesite=lax`;
        set({ on });
    },
}));
