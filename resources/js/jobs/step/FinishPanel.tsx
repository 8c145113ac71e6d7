import { Link } from '@inertiajs/react';
import { useEffect, useRef, useState, type RefObject, type Dispatch, type SetStateAction } from 'react';
import { fineLength, formatForce, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import type { JobWithAll } from '../../events/jobNow';
import { NeckAtEnd } from './NeckAtEnd';
import { ReopenDialog } from '../ways/ReopenDialog';
import type { JobNow } from '../useJob';
import { dateWords } from '../../units/times';
import { benchShow } from '../../generated/addresses/bench';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import { jobsSlip } from '../../generated/addresses/jobs';
import { photographsShow } from '../../generated/addresses/photographs';
import { jobsIndex } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

interface Props {
    now: JobNow;
    onBack: () => void;
}

/** The end of a job: what changed, how it feels, and that it is finished. */
export function FinishPanel({ now, onBack }: Props) {
    const { job, record } = now;
    const units = useUnits();
    const [felt, setFelt] = useState(job.felt);
    const [coated, setCoated] = useState(false);
    const finished = job.status === 'finished';
    const finishing = now.unsent.some(({ kind }) => kind === 'finished');
    const [asking, setAsking] = useState(false);
    const words = useRef<HTMLTextAreaElement>(null);
    useEffect(() => {
        // A foot switch that is pressed once too often finishes nothing.
        words.current?.focus({ preventScroll: true });
    }, []);
    return (
        <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto]">
            {asking && <ReopenDialog now={now} onClose={() => setAsking(false)} />}
            <div className="grid min-h-0 content-start gap-x-12 gap-y-5 overflow-y-auto px-4 pt-3 pb-3 sm:px-7 md:grid-cols-2">
                <WhatItCameTo finished={finished} job={job} units={units} />
                <section>
                    <HowItPlays words={words} finished={finished} felt={felt} setFelt={setFelt} />
                    <p className="mt-1 text-ink-soft">Kept with the job, and offered when the next set is designed.</p>
                    {!finished && (
                        <label className="mt-2 flex min-h-11 items-center gap-3 text-lg">
                            <input
                                type="checkbox"
                                className="h-5 w-5"
                                checked={coated}
                                onChange={(event) => setCoated(event.target.checked)}
                            />
                            These strings are coated
                        </label>
                    )}
                    {finished && <Papers job={job} record={record} setAsking={setAsking} />}
                </section>
            </div>
            <footer className="grid shrink-0 gap-2.5 px-4 pb-4 sm:px-7 md:h-[clamp(9rem,30dvh,16rem)] md:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
                {finished ? (
                    <Link
                        href={jobsIndex}
                        className="grid min-h-28 place-items-center rounded-float bg-ink text-[2.4rem] font-bold text-paper hover:bg-accent hover:text-accent-ink"
                    >
                        Back to the jobs
                    </Link>
                ) : (
                    <button
                        type="button"
                        className="min-h-28 rounded-float bg-ink text-[2.4rem] font-bold text-paper hover:bg-accent hover:text-accent-ink disabled:opacity-45"
                        disabled={finishing}
                        onClick={(event) => event.detail < 2 && record('finished', { felt, coated })}
                    >
                        {finishing ? 'Finished, once it is sent' : 'Finish the job'}
                    </button>
                )}
                {!finished && (
                    <button type="button" className={`${buttonClass.plain} h-full min-h-14 text-lg`} onClick={onBack}>
                        Back
                    </button>
                )}
            </footer>
        </div>
    );
}

/** What was measured before, after, and what it changed by. */
export function BeforeAfter({ job, units }: { job: JobWithAll; units: Units }) {
    const { measured_before: before, measured_after: after } = job;
    const rows = [
        { name: 'Pull of all strings', was: formatForce(job.before_n, units), is: formatForce(job.after_n, units) },
        ...(
            [
                ['Action at the 12th', 'action_12_mm'],
                ['Relief', 'relief_mm'],
                ['Bridge from the nut', 'bridge_mm'],
            ] as const
        ).map(([name, key]) => ({ name, was: said(before?.[key], units), is: said(after?.[key], units) })),
    ];
    return (
        <table className="mt-2 w-full max-w-xl text-lg">
            <thead>
                <tr className="border-b border-ink text-left text-base">
                    <th scope="col" className="font-normal text-ink-soft">
                        <span className="sr-only">What</span>
                    </th>
                    <th scope="col" className="py-1 text-right font-semibold">
                        before
                    </th>
                    <th scope="col" className="py-1 text-right font-semibold">
                        after
                    </th>
                </tr>
            </thead>
            <tbody>
                {rows.map(({ name, was, is }) => (
                    <tr key={name} className="border-b border-rule">
                        <th scope="row" className="py-1.5 text-left font-normal">
                            {name}
                        </th>
                        <td className="text-right">{was}</td>
                        <td className="text-right font-semibold">{is}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function said(mm: number | null | undefined, units: Units): string {
    return mm === null || mm === undefined ? '–' : fineLength(mm, units, 2);
}

/** How the instrument was and how it is, with its photographs. */
function WhatItCameTo({ finished, job, units }: { finished: boolean; job: JobWithAll; units: Units }) {
    return (
        <section aria-label="Before and after">
            <h2 className="text-[1.75rem] leading-snug">
                {!finished
                    ? 'All of it is done'
                    : job.later === null
                      ? `On it since ${dateWords(job.finished ?? '')}`
                      : `Put on ${dateWords(job.finished ?? '')}; ${job.later.name} is on it now`}
            </h2>
            <BeforeAfter job={job} units={units} />
            <p className="mt-2 text-lg text-ink-soft">
                {job.minutes > 0 ? `${job.minutes} minutes at it. ` : ''}
                {job.before === null ? 'It was bare before.' : `Before it had ${job.before}.`}
            </p>
            <NeckAtEnd job={job.id} finished={finished} />
            {job.photographs.length > 0 && (
                <ul className="mt-3 flex flex-wrap gap-3">
                    {job.photographs.map(({ id, moment, caption }) => (
                        <li key={id}>
                            <img
                                src={withAsked(photographsShow(job.instrument, id), { small: 1 })}
                                alt={caption}
                                className="h-32 rounded-mark border border-rule"
                            />
                            <span className="text-sm text-ink-soft">{moment}</span>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}

/** How it feels, in somebody’s own words. */
function HowItPlays({
    words,
    finished,
    felt,
    setFelt,
}: {
    words: RefObject<HTMLTextAreaElement | null>;
    finished: boolean;
    felt: string;
    setFelt: Dispatch<SetStateAction<string>>;
}) {
    return (
        <label className="block">
            <span className="block text-[1.75rem] leading-snug">How does it feel?</span>
            <textarea
                ref={words}
                rows={4}
                maxLength={2000}
                readOnly={finished}
                className="mt-1 w-full rounded-field border border-rule-strong bg-sheet px-3 py-2 text-xl hover:border-ink"
                value={felt}
                onChange={(event) => setFelt(event.target.value)}
            />
        </label>
    );
}

/** What goes with it, and what comes next. */
function Papers({
    job,
    record,
    setAsking,
}: {
    job: JobWithAll;
    record: JobNow['record'];
    setAsking: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <p className="mt-4 flex flex-wrap gap-2">
            <a href={jobsSlip(job.id)} target="_blank" rel="noreferrer" className={buttonClass.plain}>
                The owner’s slip
            </a>
            {job.set !== null && (
                <Link href={benchShow(job.set)} className={buttonClass.plain}>
                    The set on the Bench
                </Link>
            )}
            <Link href={instrumentsEdit(job.instrument)} className={buttonClass.plain}>
                The instrument
            </Link>
            <Button look="quiet" onClick={() => (job.later === null ? record('reopened', { on: 'these' }) : setAsking(true))}>
                It is not finished after all
            </Button>
        </p>
    );
}
