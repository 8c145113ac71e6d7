import { Link } from '@inertiajs/react';
import { useState } from 'react';
import type { OnIt } from '../generated/views';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { dateWords } from '../units/times';
import { LabelDialog } from './LabelDialog';
import type { Named } from './trying/useTried';
import { intonateShow } from '../generated/addresses/intonate';
import { jobsShow } from '../generated/addresses/jobs';
import { jobsCreate, setsIndex, startCreate } from '../generated/addresses/places';
import { tuneShow } from '../generated/addresses/tune';
import { withAsked } from '../server/asked';

interface Props {
    instrument: number;
    onIt: OnIt | null;
    open: Named[];
    /** The set that was last designed for it: what is tuned where nobody said what is on it. */
    lastSet: number | null;
    /** How many are designed for it. */
    sets: number;
    /** When its strings are due again; null where nobody knows. */
    dueOn: string | null;
}

/** What is on the instrument now, and the jobs that put strings on it. */
export function OnItNow({ instrument, onIt, open, lastSet, sets, dueOn }: Props) {
    const set = onIt?.set ?? lastSet;
    const [labelling, setLabelling] = useState(false);
    return (
        <section
            aria-label="On it now"
            className="mb-6 flex flex-wrap items-center gap-x-5 gap-y-2 border-l-4 border-l-accent bg-sheet px-4 py-2.5"
        >
            <p className="min-w-0 flex-1 basis-72">
                {onIt === null ? (
                    <span className="text-ink-soft">What is on it now is not known: a finished job tells.</span>
                ) : (
                    <>
                        On it now: <strong>{onIt.name}</strong>, since {dateWords(onIt.since)}
                        {dueOn !== null && `; due about ${dateWords(dueOn)}`}
                    </>
                )}
            </p>
            <p className="flex flex-wrap gap-2">
                {onIt !== null && (
                    <Link href={jobsShow(onIt.job)} className={buttonClass.quiet}>
                        Its job
                    </Link>
                )}
                {set !== null && (
                    <>
                        <Link href={tuneShow(set)} className={buttonClass.quiet}>
                            Tune it
                        </Link>
                        <Link href={intonateShow(set)} className={buttonClass.quiet}>
                            Intonate it
                        </Link>
                    </>
                )}
                {open.map((job) => (
                    <Link key={job.id} href={jobsShow(job.id)} className={buttonClass.plain}>
                        Go on with {job.name}
                    </Link>
                ))}
                {sets > 0 && (
                    <Link href={withAsked(setsIndex, { instrument })} className={buttonClass.quiet}>
                        {sets === 1 ? 'Its set' : `Its ${sets} sets`}
                    </Link>
                )}
                <Link href={withAsked(startCreate, { instrument })} className={buttonClass.plain}>
                    Design a set for it
                </Link>
                {open.length === 0 && (
                    <Link href={withAsked(jobsCreate, { instrument })} className={buttonClass.plain}>
                        Begin a job
                    </Link>
                )}
                <Button look="quiet" onClick={() => setLabelling(true)}>
                    Label for it…
                </Button>
            </p>
            {labelling && <LabelDialog instrument={instrument} onClose={() => setLabelling(false)} />}
        </section>
    );
}
