import type { Job, JobString } from '../generated/views';
import { deviceWords } from '../server/keeper';
import type { Dispute, Measured, Progress, Wrong } from './progress';

interface NoteNow {
    text: string;
    at: string;
    position: number | null;
}

export interface StringNow extends JobString {
    /** So many were used up without staying on. */
    spoiled: number;
    /** Turns it gives, cut short. */
    short_turns: number | null;
    /** Turns it really gave. */
    turned: number | null;
    /** How the one before it ended, and where, such as broken:saddle; null where nobody said. */
    died: string | null;
    /** How far from its pitch the tuner read it as it was tuned; null where it was brought there by hand, or not yet. */
    heard: number | null;
}

/** A job as it is once what was done here is counted in. */
export interface JobWithAll extends Omit<Job, 'strings'> {
    strings: StringNow[];
    felt: string;
    rests: ReadonlyMap<string, string>;
    notes: NoteNow[];
    measured_before: Measured | null;
    measured_after: Measured | null;
}

/** What the server knows of a job, with what its events come to here. */
export function jobNow(job: Job, progress: Progress): JobWithAll {
    const { agreed, bench, finished, measured } = progress;
    return {
        ...job,
        ...(agreed === null ? {} : { owner: agreed.owner, reason: agreed.reason as Job['reason'], promised: agreed.promised_on }),
        bench: bench ?? job.bench,
        // Whether it is finished the server says: it looks whether every string is on.
        felt: finished?.felt ?? '',
        strings: job.strings.map((string) => stringNow(string, progress)),
        rests: progress.rests,
        notes: notesOf(progress),
        measured_before: measured.before ?? null,
        measured_after: measured.after ?? null,
    };
}

function stringNow(string: JobString, { done, wrong, shortened, turned, died }: Progress): StringNow {
    const { position } = string;
    const end = died.get(position);
    return {
        ...string,
        spoiled: wrong.filter((each) => each.position === position && !each.whole).length,
        short_turns: shortened.get(position)?.turns ?? null,
        turned: turned.get(position) ?? null,
        heard: done.get(`tune-string:${position}`)?.cents ?? null,
        died: end === undefined ? null : [end.how, end.where].filter(Boolean).join(':'),
    };
}

/** What was noted, what went wrong and what was said otherwise on two devices, in the order of its moments. */
function notesOf({ notes, wrong, disputes }: Progress): NoteNow[] {
    return [
        ...notes,
        ...wrong.map((each) => ({ text: wrongWords(each), at: each.at, position: each.position })),
        ...disputes.map((each) => ({ text: disputeWords(each), at: each.at, position: each.position })),
    ].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

function wrongWords({ position, reason, where, whole }: Wrong): string {
    if (whole) {
        return `A wrong string went on as string ${position}; it came off whole.`;
    }
    switch (reason) {
        case 'cut-short':
            return `String ${position} was cut too short.`;
        case 'broke':
            return `String ${position} broke${where === '' ? '' : where === 'fret' ? ' over a fret' : where === 'elsewhere' ? ' elsewhere' : ` at the ${where}`}.`;
        case 'wrong':
            return `A string ${position} went on in the wrong place and was used up.`;
        case 'spare':
            return `String ${position} was changed for another.`;
    }
}

export function disputeWords({ position, said, by, against }: Dispute): string {
    const [is, was] = said === 'put-on' ? ['is on', 'has come off'] : ['has come off', 'is on'];
    const [one, other] = [deviceWords(by), deviceWords(against)];
    return `String ${position}: a ${other} said that it ${was}, and ${one === other ? `another ${one}` : `a ${one}`}, which did not know, that it ${is}. What arrived last counts: it ${is}.`;
}
