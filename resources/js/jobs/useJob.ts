import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { ask, Refused } from '../server/api';
import { corrected, hearClock, useAhead } from '../server/clock';
import { toast } from '../ui/toasts';
import { jobNow } from '../events/jobNow';
import { planOf, taking, type JobAnswer, type JobState } from '../events/known';
import { laneTo, type DataOf, type Kind, type Own } from '../events/lane';
import type { Received } from '../events/log';
import { progressOf } from '../events/progress';
import { jobsNews } from '../generated/addresses/jobs';
import { withAsked } from '../server/asked';

export type { JobState } from '../events/known';

const NEWS_MS = 2000;

/**
 * A job as it is now: as the server knows it, and what was done here since. What is done is kept on this device at once and sent
 * until it arrives; what others did is looked for every two seconds.
 */
export function useJob(given: JobState) {
    const { id } = given.state.job;
    const lane = laneTo(id);
    const [known, setKnown] = useState(given);
    const { own, held, trouble, gone } = useStore(lane.state);
    const aheadMs = useAhead((clock) => clock.aheadMs);
    const newest = useRef(given);

    const take = useCallback((answer: JobAnswer) => {
        hearClock(answer.now);
        // What is sent next goes by this already, before it is drawn.
        newest.current = taking(newest.current, answer);
        setKnown(newest.current);
    }, []);

    useEffect(() => {
        const stop = lane.knowing(
            () => ({ since: newest.current.last, touched: newest.current.touched }),
            (answer) => take(answer as JobAnswer),
        );
        void lane.send();
        const leave = () => lane.leave();
        window.addEventListener('pagehide', leave);
        return () => {
            window.removeEventListener('pagehide', leave);
            stop();
        };
    }, [lane, take]);

    // A page that comes back from the browser's history is as it was then: what is true now is asked at once, the time with it.
    const looked = useRef(false);
    useEffect(() => {
        let stopped = false;
        const look = async () => {
            looked.current = true;
            if (document.visibilityState === 'visible' && own.every(({ refused }) => refused !== null)) {
                const { last, touched } = newest.current;
                const since = new URLSearchParams({ since: String(last), touched });
                const news = await ask<JobAnswer | { same: true; now: string }>(withAsked(jobsNews(id), since)).catch(
                    (failure: unknown) => {
                        if (failure instanceof Refused && failure.ours && failure.status === 404) {
                            lane.state.setState({ gone: true });
                        }
                        return null;
                    },
                );
                if (news !== null) {
                    hearClock(news.now);
                    lane.there();
                }
                // What was answered while something was said here is known from that already.
                if (!stopped && news !== null && !('same' in news) && newest.current.last === last) {
                    take(news);
                }
            }
            if (!stopped) {
                timer = setTimeout(() => void look(), NEWS_MS);
            }
        };
        let timer = setTimeout(() => void look(), looked.current ? NEWS_MS : 0);
        return () => {
            stopped = true;
            clearTimeout(timer);
        };
    }, [id, lane, own, take]);

    const of = useProgress(known, own, aheadMs);
    const { record } = lane;
    /** Records what may have been a slip, with the way back. */
    const recordTelling = <K extends Kind>(words: string, kind: K, data: DataOf<K>) => {
        const event = record(kind, data);
        toast(words, { action: { label: 'Undo', run: () => void record('undone', { event }) } });
    };
    return { ...of, held, trouble, gone, aheadMs, lane, record, recordTelling, take };
}

/** What is known of it and what was done here since, as one. */
function useProgress(known: JobState, own: Own[], aheadMs: number) {
    const progress = useMemo(() => {
        const unsent = own
            .filter(({ refused }) => refused === null)
            .map((event, index) => receivedLater(event, known.last + 1 + index, aheadMs));
        return progressOf([...known.events, ...unsent], known.state.rounds);
    }, [known, own, aheadMs]);
    const plan = useMemo(() => planOf(known.state), [known.state]);
    const job = useMemo(() => jobNow(known.state.job, progress), [known.state.job, progress]);
    const done = useMemo(() => [...progress.done.keys()], [progress]);
    const unsent = useMemo(() => own.filter(({ refused }) => refused === null), [own]);
    const refused = useMemo(() => own.filter((each) => each.refused !== null), [own]);
    return { job, plan, progress, done, unsent, refused };
}

export type JobNow = ReturnType<typeof useJob>;

/** What was not sent yet stands behind all that was received, its moments by the server's clock. */
function receivedLater({ refused: _, ...event }: Own, order: number, aheadMs: number): Received {
    const at = corrected(event.at, aheadMs);
    return event.kind === 'rests'
        ? { ...event, at, order, data: { ...event.data, until: corrected(event.data.until, aheadMs) } }
        : { ...event, at, order };
}

/** Until when what is left alone rests, ISO 8601; null where it does not. */
export function restsUntil({ job }: Pick<JobNow, 'job'>, key: string): string | null {
    return job.rests.get(key) ?? null;
}
