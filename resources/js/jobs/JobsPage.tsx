import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Finished as FinishedJobs } from '../generated/views';
import { buttonClass } from '../ui/classes';
import { FindField } from '../ui/FindField';
import { matches } from '../ui/matches';
import { Pages } from '../ui/Pages';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { useAddress } from '../ui/useAddress';
import { ask } from '../server/api';
import { useClock } from '../server/useClock';
import { PacketField } from './packets/PacketField';
import { REASONS } from '../generated/words';
import { byNextHand, wantOf } from './words';
import { jobsCreate, jobsFinished } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { JobsPage as Props } from '../generated/pages';
import { Group, GROUPS } from './list/Group';
import { useNews } from './list/useNews';

const TICK_MS = 15_000;

/** Every job, by what wants a hand next; the clock does the sorting. */
export default function JobsPage({ jobs, finished: finishedInAll, as_of: asOf }: Props) {
    const now = useClock(TICK_MS);
    useNews(asOf, jobs);
    const [{ for: words, page }, look] = useAddress({ for: '', page: '1' });
    const [unfolded, setUnfolded] = useState(page !== '1');
    // What is sought is shown wherever it is; so is what there is, where nothing else is.
    const finished = unfolded || words !== '' || jobs.every(({ status }) => status !== 'open');
    const over = useFinished(words, page, asOf, finished);
    const sorted = byNextHand(
        jobs
            .filter((row) => row.status === 'open')
            .filter((row) => matches([row.instrument, row.name, row.owner, row.bench, REASONS[row.reason]].join(' '), words)),
        now,
    );
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <Head title="Jobs" />
            <Tools jobs={jobs} words={words} look={look} />
            {jobs.length === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    No job yet. A job leads from the packets to an instrument in tune, one step at a time, and keeps what was
                    done. Begin one here, from a set, from an instrument, or by a packet’s code.
                </p>
            )}
            {jobs.length > 0 &&
                GROUPS.map((group) => (
                    <Group
                        key={group.want}
                        group={group}
                        rows={
                            group.want === 'over'
                                ? (over?.rows ?? jobs.filter(({ status }) => status === 'finished'))
                                : sorted.filter((row) => wantOf(row, now) === group.want)
                        }
                        count={group.want === 'over' ? (over?.count ?? finishedInAll) : null}
                        sought={words !== ''}
                        now={now}
                        fold={group.want === 'over' ? { open: finished, turn: () => setUnfolded(!unfolded) } : null}
                    >
                        {group.want === 'over' && finished && over !== undefined && (
                            <Pages page={over.page} pages={over.pages} onPage={(next) => look({ page: String(next) })} />
                        )}
                    </Group>
                ))}
            {jobs.length > 0 && sorted.length === 0 && words !== '' && over?.count === 0 && (
                <p className="mt-6 text-ink-soft">
                    No job matches “{words}”.{' '}
                    <button
                        type="button"
                        className="min-h-target text-accent underline"
                        onClick={() => look({ for: '', page: '1' })}
                    >
                        Show all {jobs.filter(({ status }) => status === 'open').length + finishedInAll}
                    </button>
                </p>
            )}
        </div>
    );
}

/** A page of those that are finished, with the words that are sought; the last ones come with the page. */
function useFinished(words: string, page: string, asOf: string, wanted: boolean) {
    return useQuery({
        queryKey: ['finished jobs', words, page, asOf],
        queryFn: ({ signal }) => ask<FinishedJobs>(withAsked(jobsFinished, { for: words, page }), { signal }),
        placeholderData: keepPreviousData,
        enabled: wanted,
    }).data;
}

/** Finds a job, by words or by a packet, or begins one. */
function Tools({
    jobs,
    words,
    look,
}: {
    jobs: Props['jobs'];
    words: string;
    look: (changed: Partial<{ for: string; page: string }>, typing?: boolean) => void;
}) {
    return (
        <TitleLine>
            <PageTitle className="pb-1.5">Jobs</PageTitle>
            <div className="mb-1.5 ml-auto flex flex-wrap items-center gap-2">
                {jobs.length > 0 && (
                    <FindField
                        label="Find a job"
                        by="Find by instrument, owner or set"
                        words={words}
                        onWords={(next) => look({ for: next, page: '1' }, true)}
                    />
                )}
                <PacketField />
                <Link href={jobsCreate} className={buttonClass.strong}>
                    Begin a job
                </Link>
            </div>
        </TitleLine>
    );
}
