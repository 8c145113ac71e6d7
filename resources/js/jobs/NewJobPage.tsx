import { Head, Link, router } from '@inertiajs/react';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { SearchField } from '../ui/SearchField';
import { Offers } from './begin/Offers';
import { BeginForm } from './begin/BeginForm';
import { jobsCreate, setsIndex } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { NewJobPage as Props } from '../generated/pages';

/** A job before it is begun: what goes on, what is on now, whose way it goes, and where its strings come from. */
export default function NewJobPage({ begin, instrument, offers, benches }: Props) {
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <Head title="Begin a job" />
            <TitleLine>
                <PageTitle className="pb-1.5">
                    {begin === null ? 'Begin a job' : `Put “${begin.set.name}” on ${begin.instrument.name}`}
                </PageTitle>
            </TitleLine>
            {begin === null ? (
                <div className={offers === null ? 'mt-6 max-w-md' : 'mt-5'}>
                    {instrument !== null && (
                        <section aria-label={`Sets for ${instrument.name}`} className="mb-6">
                            <h2 className="text-lg font-bold">Which set goes on {instrument.name}?</h2>
                            <ul className="mt-1 border-t border-rule">
                                {instrument.sets.map((set) => (
                                    <li key={set.id} className="border-b border-rule">
                                        <Link
                                            href={withAsked(jobsCreate, { set: set.id })}
                                            className="block px-1 py-2.5 text-lg hover:bg-sheet"
                                        >
                                            {set.name}
                                        </Link>
                                    </li>
                                ))}
                            </ul>
                            {instrument.sets.length === 0 && <p className="mt-1 text-ink-soft">No set is designed for it yet.</p>}
                        </section>
                    )}
                    <div className="max-w-md">
                        <SearchField
                            label={instrument === null ? 'Which set goes on?' : 'Or another set'}
                            pick={({ sets }) => sets}
                            onTake={({ id }) => router.visit(withAsked(jobsCreate, { set: id }))}
                        />
                    </div>
                    <p className="mt-3 max-w-prose text-ink-soft">
                        A set belongs to its instrument, so that is all that has to be chosen. One that is not designed yet begins
                        under{' '}
                        <Link href={setsIndex} className="underline">
                            Sets
                        </Link>
                        .
                    </p>
                    {offers !== null && <Offers {...offers} />}
                </div>
            ) : (
                <BeginForm key={begin.set.id} begin={begin} benches={benches} />
            )}
        </div>
    );
}
