import { useQuery } from '@tanstack/react-query';
import { jobsNeck } from '../../generated/addresses/jobs';
import { ask } from '../../server/api';

/** What is to be looked at along the neck before the instrument leaves the bench; nothing where nothing is. */
export function NeckAtEnd({ job, finished }: { job: number; finished: boolean }) {
    const { data } = useQuery({
        queryKey: ['neck at end', job],
        queryFn: ({ signal }) => ask<{ says: string[] }>(jobsNeck(job), { signal }),
        staleTime: 0,
    });
    if (data === undefined || data.says.length === 0) {
        return null;
    }
    return (
        <section aria-label="Along the neck" className="mt-4">
            <h3 className="text-lg font-semibold">{finished ? 'How it plays' : 'Before it leaves the bench'}</h3>
            <ul className="mt-1 grid gap-1.5 text-lg">
                {data.says.map((line) => (
                    <li key={line}>{line}</li>
                ))}
            </ul>
        </section>
    );
}
