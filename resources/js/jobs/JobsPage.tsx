import { Head, Link, router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Finished as FinishedJobs } from '../generated/views';
import { buttonClass } from '../ui/classes';
import { FindField } from '../ui/FindField';
import { Glyph } from '../ui/Glyph';
import { matches } from '../ui/matches';
import { Pages } from '../ui/Pages';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { useAddress } from '../ui/useAddress';
import { ask } from '../server/api';
import { remind } from '../frame/reminders/reminders';
import { useClock } from '../server/useClock';
import { PacketField } from './packets/PacketField';
import { REASONS } from '../generated/words';
import { byNextHand, wantOf, type Want } from './words';
import { Row } from './list/JobRow';
import { jobsChanged, jobsCreate, jobsFinished } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { JobsPage as Props } from '../generated/pages';

const TICK_MS = 15_000;
const NEWS_MS = 2000;

const GROUPS: { want: Want; title: string; empty: string | null }[] = [
    { want: 'hand', title: 'Wants a hand now', empty: 'Nothing wants a hand just now.' },
    { want: 'rests', title: 'Rests', empty: null },
    { want: 'waits', title: 'Waits for a string', empty: null },
    { want: 'over', title: 'Finished', empty: null },
];

/** Every job, by what wants a hand next; the clock does the sorting. */
export default function JobsPage({ jobs, finished: finishedInAll, as_of: asOf }: Props) {
    const now = useClock(TICK_MS);
    useEffect(() => {
        let over = false;
        const look = async () => {
            if (document.visibilityState === 'visible') {
                // What is done on another device shows here; asking costs a figure.
                const now = await ask<{ as_of: string }>(jobsChanged).catch(() => null);
                if (!over && now !== null && now.as_of !== asOf) {
                    router.reload({ only: ['jobs', 'as_of'] });
                }
            }
            if (!over) {
                timer = setTimeout(() => void look(), NEWS_MS);
            }
        };
        let timer = setTimeout(() => void look(), NEWS_MS);
        return () => {
            over = true;
            clearTimeout(timer);
        };
    }, [asOf]);
    useEffect(() => {
        for (const { id, instrument, until, status } of jobs) {
            remind(id, instrument, status === 'open' ? until : null);
        }
    }, [jobs]);
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
            {jobs.length === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    No job yet. A job leads from the packets to an instrument in tune, one step at a time, and keeps what was
                    done. Begin one here, from a set, from an instrument, or by a packet’s code.
                </p>
            )}
            {jobs.length > 0 &&
                GROUPS.map(({ want, title, empty }) => {
                    const rows =
                        want === 'over'
                            ? (over?.rows ?? jobs.filter(({ status }) => status === 'finished'))
                            : sorted.filter((row) => wantOf(row, now) === want);
                    const count = want === 'over' ? (over?.count ?? finishedInAll) : rows.length;
                    return (
                        (count > 0 || (empty !== null && words === '')) && (
                            <section key={want} aria-label={title} className="mt-6">
                                <h2 className="text-lg font-bold">
                                    {want === 'over' ? (
                                        <button
                                            type="button"
                                            aria-expanded={finished}
                                            className="inline-flex min-h-target items-center gap-2 rounded-mark hover:bg-accent-wash"
                                            onClick={() => setUnfolded(!unfolded)}
                                        >
                                            {title} ({count}) <Glyph sign={finished ? 'up' : 'down'} />
                                        </button>
                                    ) : (
                                        title
                                    )}
                                </h2>
                                {rows.length === 0 && <p className="text-ink-soft">{empty}</p>}
                                <ul hidden={want === 'over' && !finished} className="mt-1 border-t border-rule">
                                    {rows.map((row) => (
                                        <Row key={row.id} row={row} now={now} />
                                    ))}
                                </ul>
                                {want === 'over' && finished && over !== undefined && (
                                    <Pages page={over.page} pages={over.pages} onPage={(next) => look({ page: String(next) })} />
                                )}
                            </section>
                        )
                    );
                })}
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
