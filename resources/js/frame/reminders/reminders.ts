import { clockNow } from '../../server/clock';

/** Jobs that may be looked at again at some time, as this browser knows them. */
interface Reminder {
    job: number;
    name: string;
    /** ISO 8601. */
    until: string;
}

const KEY = 'lira.reminders';

function kept(): Reminder[] {
    try {
        const list: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
        return Array.isArray(list) ? (list as Reminder[]) : [];
    } catch {
        return [];
    }
}

function keep(list: Reminder[]): void {
    try {
        localStorage.setItem(KEY, JSON.stringify(list));
    } catch {
        // Where a browser keeps nothing, the list of jobs still tells.
    }
}

/** Of a job that rests it will be told once it may be looked at again, wherever in Lira one is then; null forgets it. */
export function remind(job: number, name: string, until: string | null): void {
    const others = kept().filter((each) => each.job !== job);
    keep(until !== null && Date.parse(until) > clockNow() ? [...others, { job, name, until }] : others);
}

/** Those whose time has come, each only once. */
export function takeDue(now: number): Reminder[] {
    const list = kept();
    const due = list.filter(({ until }) => Date.parse(until) <= now);
    if (due.length > 0) {
        keep(list.filter((each) => !due.includes(each)));
    }
    return due;
}
