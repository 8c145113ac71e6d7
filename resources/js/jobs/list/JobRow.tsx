import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { JobRow } from '../../generated/views';
import { dateWords, dayWords, momentWords, spanWords } from '../../units/times';
import { REASONS } from '../../generated/words';
import { capital, stringsWords } from '../../units/words';
import { wantOf } from '../words';
import { jobsShow } from '../../generated/addresses/jobs';

export function Row({ row, now }: { row: JobRow; now: number }) {
    const want = wantOf(row, now);
    const late = row.promised !== null && want !== 'over' && row.promised < new Date(now).toISOString().slice(0, 10);
    return (
        <li className="relative grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-5 gap-y-1 border-b border-rule py-3 hover:bg-sheet md:grid-cols-[minmax(0,16rem)_minmax(0,1fr)_9rem_11rem]">
            <div className="min-w-0">
                <Link href={jobsShow(row.id)} className="text-lg leading-tight font-bold after:absolute after:inset-0">
                    {row.instrument}
                </Link>
                <p className="truncate text-sm text-ink-soft">
                    {[row.owner, row.bench].filter((words) => words !== '').join(' · ') || REASONS[row.reason]}
                </p>
            </div>
            <div className="min-w-0 max-md:order-last max-md:col-span-2">
                <p className={clsx('font-semibold', want === 'hand' ? 'text-ink' : 'text-ink-soft')}>
                    {want === 'over'
                        ? `Finished ${row.finished === null ? '' : dateWords(row.finished)}`
                        : want === 'waits'
                          ? `Waits for ${stringsWords(row.missing)}${row.ordered ? (row.due === null ? ', ordered' : `, due ${dayWords(row.due)}`) : ', not ordered yet'}`
                          : want === 'rests'
                            ? `${capital(row.next)}: look again ${momentWords(row.until ?? '', now)}`
                            : capital(row.next)}
                </p>
                <p className="truncate text-sm text-ink-soft">
                    {row.name}
                    {want !== 'waits' && row.missing.length > 0 ? ` · ${stringsWords(row.missing)} missing` : ''}
                </p>
            </div>
            <div className="max-md:hidden">
                <Progress done={row.done} total={row.total} />
            </div>
            <p className="text-right">
                {want === 'rests' && row.until !== null && (
                    <span className="block font-semibold">in {spanWords(Date.parse(row.until) - now)}</span>
                )}
                {row.promised !== null && want !== 'over' && (
                    <span className={clsx('block text-sm', late ? 'font-semibold text-stop' : 'text-ink-soft')}>
                        {late ? 'was promised' : 'promised'} {dayWords(row.promised)}
                    </span>
                )}
            </p>
        </li>
    );
}

export function Progress({ done, total }: { done: number; total: number }) {
    return (
        <div>
            <svg width="100%" height="8" aria-hidden className="block">
                <rect width="100%" height="8" fill="var(--rule)" />
                <rect width={`${total === 0 ? 0 : (100 * done) / total}%`} height="8" fill="var(--accent)" />
            </svg>
            <p className="mt-0.5 text-sm text-ink-soft">
                {done} of {total} steps
            </p>
        </div>
    );
}
