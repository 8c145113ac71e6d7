import { applyPatch, type Operation } from 'rfc6902';
import type { FittingPlan } from '../generated/formats';
import type { JobPage } from '../generated/pages';
import type { JobParts as Parts } from '../generated/views';

/** A job as a page is given it, or asks for it. */
export type JobState = Omit<JobPage, 'fit'>;

/** What an answer says: all of it, or what changed. */
export type JobAnswer = Omit<JobState, 'state'> & ({ state: Parts; patch?: never } | { state?: never; patch: Operation[] });

/** What is known once an answer has come. One that is older than what is known says nothing. */
export function taking(known: JobState, answer: JobAnswer): JobState {
    if (answer.last < known.last) {
        return known;
    }
    const state = answer.state ?? structuredClone(known.state);
    if (answer.patch !== undefined) {
        applyPatch(state, answer.patch);
    }
    const fresh = new Set(answer.events.map(({ id }) => id));
    return {
        last: answer.last,
        touched: answer.touched,
        now: answer.now,
        state,
        events: [...known.events.filter(({ id }) => !fresh.has(id)), ...answer.events],
    };
}

/** The plan as formats have it. */
export function planOf({ plan, steps, order }: Parts): FittingPlan {
    return {
        ...plan,
        steps: order.flatMap(([key, pull_after_n], index) => {
            const step = steps[key];
            return step === undefined ? [] : [{ ...step, number: index + 1, pull_after_n }];
        }),
    };
}
