import type { Due } from '../generated/views';

/** Where a job is begun for what is due: with the set that is on, and just these strings. */
export function beginningOf(due: Due): string {
    return due.set === null
        ? `/jobs/new?instrument=${due.instrument}`
        : `/jobs/new?set=${due.set}${due.strings.length === 0 ? '' : `&strings=${due.strings.join(',')}`}`;
}
