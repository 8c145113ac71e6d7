import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { FittingPlan } from '../generated/formats';
import type { Job } from '../generated/views';
import { ask, Refused, willPass } from '../server/api';
import { tellFailure, toast } from '../ui/toasts';
import { doneWith, forgetUnsent, keepUnsent, newUuid, unsentOf, type JobEvent } from './unsent';

export interface JobState {
    job: Job;
    touched: string;
    plan: FittingPlan;
}

const NEWS_MS = 2000;
const FIRST_MS = 500;
const LAST_MS = 5000;

/** The name of this device in what it does. */
export function deviceName(): string {
    return /Mobi|Android|iPad|Tablet/.test(navigator.userAgent) ? 'tablet' : 'computer';
}

/**
 * A job as it is now: as the server knows it, and what was done here since. What is done is kept in this browser at once and sent
 * until it arrives; what others did is looked for every two seconds.
 */
export function useJob(given: JobState) {
    const { id } = given.job;
    const [known, setKnown] = useState(given);
    const [unsent, setUnsent] = useState<JobEvent[]>(() => unsentOf(id));
    const sending = useRef(false);
    const [gone, setGone] = useState(false);

    /** An answer that is older than what is known says nothing. */
    const take = useCallback((answer: JobState) => {
        setKnown((present) => (answer.job.last >= present.job.last ? answer : present));
    }, []);

    const send = useCallback(async () => {
        if (sending.current) {
            return;
        }
        sending.current = true;
        let wait = FIRST_MS;
        for (let events = unsentOf(id); events.length > 0; events = unsentOf(id)) {
            try {
                const answer = await ask<JobState>(`/jobs/${id}/events`, {
                    method: 'POST',
                    body: { events, device: deviceName() },
                });
                take(answer);
                setUnsent(
                    forgetUnsent(
                        id,
                        events.map(({ uuid }) => uuid),
                    ),
                );
                wait = FIRST_MS;
            } catch (failure) {
                if (willPass(failure)) {
                    await new Promise((go) => setTimeout(go, wait));
                    wait = Math.min(2 * wait, LAST_MS);
                    continue;
                }
                if (failure instanceof Refused && failure.status === 404) {
                    setGone(true);
                    break;
                }
                // One of them cannot be: it is told, and the others go on.
                const index =
                    failure instanceof Refused ? Number(/^\/events\/(\d+)/.exec(failure.problems[0]?.path ?? '')?.[1]) : NaN;
                const refused = events[index] ?? events[0];
                tellFailure(failure);
                setUnsent(forgetUnsent(id, refused === undefined ? [] : [refused.uuid]));
            }
        }
        sending.current = false;
    }, [id, take]);

    const record = useCallback(
        (kind: JobEvent['kind'], data: Record<string, unknown> = {}): string => {
            const uuid = newUuid();
            setUnsent(keepUnsent(id, { uuid, kind, data, at: new Date().toISOString() }));
            void send();
            return uuid;
        },
        [id, send],
    );

    useEffect(() => {
        void send();
        const retry = () => void send();
        window.addEventListener('online', retry);
        return () => window.removeEventListener('online', retry);
    }, [send]);

    const { last } = known.job;
    const { touched } = known;
    useEffect(() => {
        let stopped = false;
        const look = async () => {
            if (document.visibilityState === 'visible' && !sending.current) {
                const since = new URLSearchParams({ since: String(last), touched });
                const news = await ask<JobState | { same: true }>(`/jobs/${id}/news?${since.toString()}`).catch(
                    (failure: unknown) => {
                        setGone(failure instanceof Refused && failure.status === 404);
                        return null;
                    },
                );
                if (!stopped && news !== null && !('same' in news)) {
                    take(news);
                }
            }
            if (!stopped) {
                timer = setTimeout(() => void look(), NEWS_MS);
            }
        };
        let timer = setTimeout(() => void look(), NEWS_MS);
        return () => {
            stopped = true;
            clearTimeout(timer);
        };
    }, [id, last, touched, take]);

    const done = useMemo(
        () =>
            doneWith(
                known.job.done.map(({ key }) => key),
                unsent,
            ),
        [known, unsent],
    );
    /** Records what may have been a slip, with the way back. */
    const recordTelling = (words: string, kind: JobEvent['kind'], data: Record<string, unknown>) => {
        const uuid = record(kind, data);
        toast(words, { action: { label: 'Undo', run: () => void record('undone', { event: uuid }) } });
    };
    return { ...known, done, unsent, record, recordTelling, take, gone };
}

export type JobNow = ReturnType<typeof useJob>;

/** Until when what is left alone rests, ISO 8601; null where it does not. */
export function restsUntil({ job, unsent }: Pick<JobNow, 'job' | 'unsent'>, key: string): string | null {
    const own = unsent.findLast(({ kind, data }) => kind === 'rests' && data['key'] === key)?.data['until'];
    return typeof own === 'string' ? own : (job.rests[key] ?? null);
}
