import type { Due } from '../generated/views';
import { jobsCreate } from '../generated/addresses/places';
import { withAsked } from '../server/asked';

/** Where a job is begun for what is due: with the set that is on, and just these strings. */
export function beginningOf(due: Due): string {
    return due.set === null
        ? withAsked(jobsCreate, { instrument: due.instrument })
        : withAsked(jobsCreate, { set: due.set, strings: due.strings.length === 0 ? null : due.strings.join(',') });
}
