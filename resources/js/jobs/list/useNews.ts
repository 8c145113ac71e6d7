import { router } from '@inertiajs/react';
import { useEffect } from 'react';
import { ask } from '../../server/api';
import { remind } from '../../frame/reminders/reminders';
import { jobsChanged } from '../../generated/addresses/places';
import type { JobsPage as Props } from '../../generated/pages';

/** What is done on another device shows here, and rests are reminded of. */
export function useNews(asOf: Props['as_of'], jobs: Props['jobs']) {
    useEffect(() => {
        let over = false;
        const look = async () => {
            if (document.visibilityState === 'visible') {
                // What is done on another device shows here; asking costs a figure.
                const now = await ask<{ as_of: string }>(jobsChanged).catch(() => null);
                if (!over && now !== null && now.as_of !== asOf) {
                    router.reload({ only: ['jobs', 'as_of'] });
                }
            }
            if (!over) {
                timer = setTimeout(() => void look(), NEWS_MS);
            }
        };
        let timer = setTimeout(() => void look(), NEWS_MS);
        return () => {
            over = true;
            clearTimeout(timer);
        };
    }, [asOf]);
    useEffect(() => {
        for (const { id, instrument, until, status } of jobs) {
            remind(id, instrument, status === 'open' ? until : null);
        }
    }, [jobs]);
}

export const NEWS_MS = 2000;
