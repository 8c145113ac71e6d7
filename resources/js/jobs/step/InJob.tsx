import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState, type ComponentType } from 'react';
import { ask } from '../../server/api';
import { largeButtonClass } from '../../ui/classes';
import { intonateShow } from '../../generated/addresses/intonate';
import { tuneShow } from '../../generated/addresses/tune';
import { withAsked } from '../../server/asked';
import type { TunePage as TuningKnown, IntonatePage as IntonationKnown } from '../../generated/pages';

const Intonation = lazy(() => import('../../tuning/Intonation').then((module) => ({ default: module.Intonation })));
const Tuning = lazy(() => import('../../tuning/Tuning').then((module) => ({ default: module.Tuning })));

/** Where the saddles belong, in the step in which they are moved. */
export function IntonationInJob({ set, job }: { set: number; job: number }) {
    return <Asked<IntonationKnown> address={intonateShow(set)} job={job} Part={Intonation} />;
}

/** A pass that lands, in the step in which all are tuned. */
export function TuningInJob({ set, job }: { set: number; job: number }) {
    const [open, setOpen] = useState(false);
    return open ? (
        <div className="mt-4 border-t border-rule pt-3">
            <Asked<TuningKnown> address={withAsked(tuneShow(set), { job })} job={job} Part={Tuning} />
        </div>
    ) : (
        <button type="button" className={`${largeButtonClass.plain} mt-3 h-16`} onClick={() => setOpen(true)}>
            In one pass that lands…
        </button>
    );
}

/** What the server knows for it, asked when it is come to. */
function Asked<K extends object>({
    address,
    job,
    Part,
}: {
    address: string;
    job: number;
    Part: ComponentType<K & { onKept: () => void }>;
}) {
    const { data, error, refetch } = useQuery({
        queryKey: ['in a job', job, address],
        queryFn: ({ signal }) => ask<K>(address, { signal }),
        // What was read is in the component: it is not begun anew beneath the hands.
        staleTime: Infinity,
        refetchOnWindowFocus: false,
    });
    const coming = <p className="mt-3 text-lg text-ink-soft">{error === null ? 'It comes…' : error.message}</p>;
    return data === undefined ? (
        coming
    ) : (
        <Suspense fallback={coming}>
            <Part {...data} onKept={() => void refetch()} />
        </Suspense>
    );
}
