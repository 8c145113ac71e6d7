import { useUnits } from '../../units/useUnits';
import { Dialog } from '../../ui/Dialog';
import { BeforeAfter } from '../step/FinishPanel';
import { JobPhotographs } from '../step/MomentFields';
import { useClock } from '../../server/useClock';
import type { JobNow } from '../useJob';
import { momentWords } from '../../units/times';

const MINUTE_MS = 60_000;

/** What the job keeps: figures and photographs before and after, what was noted, and what went wrong. */
export function RecordDialog({ now, onClose }: { now: JobNow; onClose: () => void }) {
    const units = useUnits();
    const { job } = now;
    const today = useClock(MINUTE_MS);
    return (
        <Dialog open onOpenChange={onClose} title="Before, after, and what happened" width="wider">
            <div className="grid gap-x-10 gap-y-5 md:grid-cols-2">
                <section aria-label="Figures">
                    <BeforeAfter job={job} units={units} />
                    {(['before', 'after'] as const).map((moment) => (
                        <div key={moment} className="mt-4">
                            <h3 className="mb-1 font-bold">{moment === 'before' ? 'Before' : 'After'}</h3>
                            <JobPhotographs now={now} moment={moment} />
                        </div>
                    ))}
                </section>
                <section aria-label="What happened">
                    <h3 className="border-b border-ink pb-1 font-bold">What happened</h3>
                    {job.notes.length === 0 && <p className="mt-1 text-ink-soft">Nothing was noted.</p>}
                    <ul>
                        {job.notes.map((note, index) => (
                            <li key={index} className="border-b border-rule py-1.5">
                                {note.text} <span className="text-sm text-ink-soft">{momentWords(note.at, today)}</span>
                            </li>
                        ))}
                    </ul>
                    <p className="mt-3 text-ink-soft">
                        {job.minutes} minutes at it so far{job.by.length > 0 && `, by ${job.by.join(', ')}`}.
                    </p>
                </section>
            </div>
        </Dialog>
    );
}
