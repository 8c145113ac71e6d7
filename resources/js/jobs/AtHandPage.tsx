import { Head, Link } from '@inertiajs/react';
import { buttonClass, largeButtonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import { dateWords } from '../units/times';
import { benchShow } from '../generated/addresses/bench';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { jobsShow } from '../generated/addresses/jobs';
import { jobsCreate } from '../generated/addresses/places';
import { tuneShow } from '../generated/addresses/tune';
import { withAsked } from '../server/asked';
import type { AtHandPage as Props } from '../generated/pages';

/** An instrument, as the square on its label or case leads to it. */
export default function AtHandPage({ instrument, onIt, due, job }: Props) {
    return (
        <div className="mx-auto w-full max-w-2xl flex-1 px-4 pt-5 pb-8 sm:px-7">
            <Head title={instrument.name} />
            <PageTitle>{instrument.name}</PageTitle>
            <p className="mt-1 text-lg text-ink-soft">
                {instrument.kind}, {instrument.strings} strings{instrument.owner !== '' && `; ${instrument.owner}`}
            </p>
            <p className="mt-5">
                {job === null ? (
                    <Link href={withAsked(jobsCreate, { instrument: instrument.id })} className={largeButtonClass.strong}>
                        Begin a job on it…
                    </Link>
                ) : (
                    <Link href={jobsShow(job.id)} className={largeButtonClass.strong}>
                        Go on with its job: {job.do}
                    </Link>
                )}
            </p>
            {job !== null && (
                <p className="mt-2 text-ink-soft">
                    {job.name}
                    {job.bench !== '' && `, on ${job.bench}`}
                </p>
            )}
            <h2 className="mt-7 border-b border-ink pb-1 text-lg font-bold">On it now</h2>
            {onIt === null ? (
                <p className="mt-2 text-ink-soft">Not known: a finished job tells.</p>
            ) : (
                <p className="mt-2">
                    <strong className="font-semibold">{onIt.name}</strong>, since {dateWords(onIt.since)}
                    {due !== null && `; due about ${dateWords(due)}`}
                </p>
            )}
            {onIt?.set != null && (
                <p className="mt-3 flex flex-wrap gap-2">
                    <Link href={tuneShow(onIt.set)} className={buttonClass.plain}>
                        Tune it
                    </Link>
                    <Link href={benchShow(onIt.set)} className={buttonClass.plain}>
                        Its set on the Bench
                    </Link>
                </p>
            )}
            <p className="mt-6">
                <Link href={instrumentsEdit(instrument.id)} className={buttonClass.quiet}>
                    All that was measured on it
                </Link>
                <Link href={withAsked(instrumentsEdit(instrument.id), { view: 'log' })} className={buttonClass.quiet}>
                    Its log
                </Link>
            </p>
        </div>
    );
}
