import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query matches, now and from now on. */
export function useMatches(query: string): boolean {
    const watch = useCallback(
        (tell: () => void) => {
            const media = window.matchMedia(query);
            media.addEventListener('change', tell);
            return () => media.removeEventListener('change', tell);
        },
        [query],
    );
    return useSyncExternalStore(watch, () => window.matchMedia(query).matches);
}
