import { useState, type ReactNode } from 'react';
import type { JobEvent } from '../generated/formats';
import { useReach } from '../server/reach';
import { Button } from '../ui/Button';
import { spanWords } from '../units/times';
import { disputeWords } from '../events/jobNow';
import { eventWords } from '../events/eventWords';
import type { JobNow } from './useJob';

/** What somebody has to know of what was said here or elsewhere: what is refused, what waits, what two devices say otherwise. */
export function JobNotices({ now, onMend }: { now: JobNow; onMend: (event: JobEvent) => void }) {
    const { gone, trouble, held, unsent, refused, aheadMs, progress, plan, lane } = now;
    // That nothing answers at all is said once, for the whole page.
    const answers = useReach((state) => state.answers);
    const [seen, setSeen] = useState<readonly string[]>([]);
    return (
        <>
            {gone && (
                <Notice tone="stop">
                    This job was dropped elsewhere. What you did since is kept on this device in case it comes back.
                </Notice>
            )}
            {trouble !== null && <Notice tone="caution">{trouble}</Notice>}
            {held !== null && answers && unsent.length > 0 && !gone && <Notice tone="caution">{held}</Notice>}
            {aheadMs !== 0 && (
                <Notice tone="caution">
                    This device’s clock is {spanWords(Math.abs(aheadMs))} {aheadMs > 0 ? 'behind' : 'ahead'}. Its times are put
                    right here; set it right where you can.
                </Notice>
            )}
            {refused.map((event) => (
                <Notice key={event.id} tone="stop">
                    <span>
                        Not taken: {eventWords(event, plan)}. {event.refused}
                    </span>
                    <Button onClick={() => onMend(event)}>{MENDED_IN.has(event.kind) ? 'Mend it…' : 'Try it again'}</Button>
                    <Button look="quiet" onClick={() => lane.letGo(event.id)}>
                        Let it go
                    </Button>
                </Notice>
            ))}
            {progress.disputes
                .filter(({ of }) => !seen.includes(of))
                .map((dispute) => (
                    <Notice key={dispute.of} tone="caution">
                        <span>{disputeWords(dispute)} If it is not so, say so at that string.</span>
                        <Button look="quiet" onClick={() => setSeen([...seen, dispute.of])}>
                            Seen
                        </Button>
                    </Notice>
                ))}
        </>
    );
}

/** What can be said otherwise in the dialog it came from. */
export const MENDED_IN: ReadonlySet<JobEvent['kind']> = new Set(['noted', 'agreed', 'bench']);

function Notice({ tone, children }: { tone: 'stop' | 'caution'; children: ReactNode }) {
    return (
        <div
            role={tone === 'stop' ? 'alert' : 'status'}
            className={
                tone === 'stop'
                    ? 'mx-4 mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-l-stop bg-sheet px-3 py-2 text-stop sm:mx-7'
                    : 'mx-4 mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-l-caution bg-sheet px-3 py-2 text-caution sm:mx-7'
            }
        >
            {children}
        </div>
    );
}
