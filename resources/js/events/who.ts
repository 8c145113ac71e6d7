const KEY = 'lira.who';
const LONGEST = 200;

/** Who works at this device; empty where nobody is named. */
export function whoWorks(): string {
    try {
        return localStorage.getItem(KEY) ?? '';
    } catch {
        return '';
    }
}

/** From here on what is said on this device is said by somebody. */
export function sayWhoWorks(name: string): void {
    try {
        localStorage.setItem(KEY, name.trim().slice(0, LONGEST));
    } catch {
        // A device that keeps nothing says nobody's name.
    }
}
