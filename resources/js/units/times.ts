const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const COOKIE = 'lira_dates';
const YEAR_S = 60 * 60 * 24 * 365;
const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/** How somebody writes dates and times of day; what the server writes, papers too, is written the same. */
export interface Dates {
    order: 'day' | 'month' | 'iso';
    clock: '24h' | '12h';
}

/** From words such as `month+12h`; what is left out is the day first, and 24 hours. */
export function datesNamed(words: string): Dates {
    const said = words.split(/[\s+]+/);
    return {
        order: said.includes('iso') ? 'iso' : said.includes('month') ? 'month' : 'day',
        clock: said.includes('12h') ? '12h' : '24h',
    };
}

function remembered(): Dates {
    const cookie =
        typeof document === 'undefined' ? undefined : document.cookie.split('; ').find((one) => one.startsWith(`${COOKIE}=`));
    return datesNamed(cookie === undefined ? '' : decodeURIComponent(cookie.slice(COOKIE.length + 1)));
}

let present = remembered();

export const presentDates = (): Dates => present;

/** Remembers it for this person, in a cookie that the server reads too. */
export function rememberDates(dates: Dates): void {
    present = dates;
    document.cookie = `${COOKIE}=${dates.order}+${dates.clock}; path=/; max-age=${YEAR_S}; samesite=lax`;
}

const two = (figure: number) => String(figure).padStart(2, '0');

function isoDate(at: Date): string {
    return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

/** A day of a year that is known: 3 Dec, Dec 3. */
function dayOf(at: Date, { order }: Dates): string {
    const month = MONTHS[at.getMonth()] ?? '';
    return order === 'month' ? `${month} ${at.getDate()}` : `${at.getDate()} ${month}`;
}

function clockWords(at: Date, { clock }: Dates): string {
    const hours = at.getHours();
    return clock === '24h'
        ? `${two(hours)}:${two(at.getMinutes())}`
        : `${hours % 12 || 12}:${two(at.getMinutes())} ${hours < 12 ? 'am' : 'pm'}`;
}

/** A day as people say it: Thu 3 Dec. */
export function dayWords(iso: string, dates = present): string {
    const at = new Date(iso);
    return `${DAYS[at.getDay()] ?? ''} ${dates.order === 'iso' ? isoDate(at) : dayOf(at, dates)}`;
}

/** A date as it is written everywhere, on paper too: 3 Dec 2026. */
export function dateWords(iso: string, dates = present): string {
    const at = new Date(iso);
    if (dates.order === 'iso') {
        return isoDate(at);
    }
    return `${dayOf(at, dates)}${dates.order === 'month' ? ',' : ''} ${at.getFullYear()}`;
}

/** A date with its time of day: 3 Dec 2026, 11:31. */
export function timeWords(iso: string, dates = present): string {
    return `${dateWords(iso, dates)}, ${clockWords(new Date(iso), dates)}`;
}

/** A moment, the day only where it is another: 11:31, or Thu 3 Dec, 11:31. */
export function momentWords(iso: string, now: number): string {
    const at = new Date(iso);
    const sameDay = at.toDateString() === new Date(now).toDateString();
    return sameDay ? clockWords(at, present) : `${dayWords(iso)}, ${clockWords(at, present)}`;
}

/** How long something takes or still is: 12 min, 3 h, 2 days. */
export function spanWords(ms: number): string {
    const minutes = Math.max(0, Math.ceil(ms / MINUTE_MS));
    if (minutes < 120) {
        return `${minutes} min`;
    }
    return ms < 2 * DAY_MS ? `${Math.round(ms / HOUR_MS)} h` : `${Math.round(ms / DAY_MS)} days`;
}
