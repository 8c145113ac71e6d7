import { Head, Link } from '@inertiajs/react';
import { buttonClass } from '../ui/classes';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { benchShow } from '../generated/addresses/bench';
import { jobsShow } from '../generated/addresses/jobs';

interface Props {
    /** What is done to the instrument: Tune, Intonate. */
    what: string;
    set: { id: number; name: string; instrument: string };
    /** The job that one came from; null where one came from the Bench. */
    job: number | null;
}

/** What is done, to which instrument with which set on, and the way back. */
export function ToolHead({ what, set, job }: Props) {
    return (
        <>
            <Head title={`${what} ${set.instrument}`} />
            <TitleLine>
                <PageTitle className="pb-1.5">
                    {what} {set.instrument}
                </PageTitle>
                <p className="pb-2 text-ink-soft">{set.name}</p>
                <Link href={job === null ? benchShow(set.id) : jobsShow(job)} className={`${buttonClass.quiet} mb-1 ml-auto`}>
                    {job === null ? 'Back to the Bench' : 'Back to the job'}
                </Link>
            </TitleLine>
        </>
    );
}
