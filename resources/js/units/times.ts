const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/** A day as people say it: Thu 3 Dec. */
export function dayWords(iso: string): string {
    return DAY.format(new Date(iso));
}

/** A date as it is written everywhere, on paper too: 3 Dec 2026. */
export function dateWords(iso: string): string {
    return YEAR.format(new Date(iso));
}

/** A date with its time of day: 3 Dec 2026, 11:31. */
export function timeWords(iso: string): string {
    return `${dateWords(iso)}, ${CLOCK.format(new Date(iso))}`;
}

/** A moment, the day only where it is another: 11:31, or Thu 3 Dec, 11:31. */
export function momentWords(iso: string, now: number): string {
    const at = new Date(iso);
    const sameDay = at.toDateString() === new Date(now).toDateString();
    return sameDay ? CLOCK.format(at) : `${DAY.format(at)}, ${CLOCK.format(at)}`;
}

/** How long something takes or still is: 12 min, 3 h, 2 days. */
export function spanWords(ms: number): string {
    const minutes = Math.max(0, Math.ceil(ms / MINUTE_MS));
    if (minutes < 120) {
        return `${minutes} min`;
    }
    return ms < 2 * DAY_MS ? `${Math.round(ms / HOUR_MS)} h` : `${Math.round(ms / DAY_MS)} days`;
}
