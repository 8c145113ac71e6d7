import type { ImportProgress } from '../../generated/views';
import { buttonClass } from '../../ui/classes';
import { differenceWords } from './importing';
import { importsRejects } from '../../generated/addresses/imports';

/** How far the check is; then what would change, and every row that cannot be taken. */
export function CheckedList({ progress }: { progress: ImportProgress }) {
    const { status, share, rows, good, rejected, rejects, difference } = progress;
    return (
        <>
            <div
                role="progressbar"
                aria-label="Rows checked"
                aria-valuemin={0}
                aria-valuemax={100}
                aria-valuenow={Math.round(share * 100)}
                aria-valuetext={`${rows} rows checked`}
                className="h-2 overflow-hidden rounded-mark bg-rule"
            >
                <div className="h-full bg-accent transition-[width]" style={{ width: `${share * 100}%` }} />
            </div>
            <p role="status" className="mt-1">
                <strong>{rows.toLocaleString('en')}</strong> rows {status === 'checking' ? 'checked so far' : 'checked'}:{' '}
                {good.toLocaleString('en')} can be taken, {rejected.toLocaleString('en')} cannot.
            </p>
            {difference !== null && (
                <section aria-label="What changes" className="mt-4">
                    <h3 className="border-b border-ink pb-1 font-bold">What changes</h3>
                    <p className="mt-1">{differenceWords(difference)}</p>
                    {difference.changes.length > 0 && (
                        <ul className="mt-1 text-sm">
                            {difference.changes.map(({ code, words }) => (
                                <li key={code} className="py-0.5">
                                    <strong>{code}</strong>: {words.join('; ')}
                                </li>
                            ))}
                            {difference.changed > difference.changes.length && (
                                <li className="text-ink-soft">and {difference.changed - difference.changes.length} more</li>
                            )}
                        </ul>
                    )}
                    {difference.gone_codes.length > 0 && (
                        <p className="mt-1 text-sm">
                            No longer listed: {difference.gone_codes.join(', ')}
                            {difference.gone > difference.gone_codes.length &&
                                ` and ${difference.gone - difference.gone_codes.length} more`}
                        </p>
                    )}
                </section>
            )}
            {rejects.length > 0 && (
                <section aria-label="Rows that cannot be taken" className="mt-4">
                    <div className="flex items-end justify-between border-b border-ink pb-1">
                        <h3 className="font-bold">Rows that cannot be taken</h3>
                        {status === 'checked' && (
                            <a className={buttonClass.quiet} href={importsRejects(progress.id)}>
                                All of them as a file
                            </a>
                        )}
                    </div>
                    <ul className="mt-1">
                        {rejects.map(({ line, reason }) => (
                            <li key={line} className="grid grid-cols-[5rem_1fr] py-0.5">
                                <span className="text-ink-soft">line {line}</span>
                                {reason}
                            </li>
                        ))}
                        {rejected > rejects.length && <li className="text-ink-soft">and {rejected - rejects.length} more</li>}
                    </ul>
                </section>
            )}
        </>
    );
}
