import { useEffect } from 'react';

/** Keeps the screen on while it is looked at, where the browser can. */
export function useAwake(wanted: boolean): void {
    useEffect(() => {
        if (!wanted || !('wakeLock' in navigator)) {
            return undefined;
        }
        let held: WakeLockSentinel | null = null;
        let over = false;
        const hold = () => {
            if (document.visibilityState === 'visible') {
                navigator.wakeLock.request('screen').then(
                    (lock) => {
                        held = lock;
                        if (over) {
                            void lock.release();
                        }
                    },
                    // Refused, as where the battery is low: the screen goes dark, nothing else.
                    () => undefined,
                );
            }
        };
        hold();
        document.addEventListener('visibilitychange', hold);
        return () => {
            over = true;
            document.removeEventListener('visibilitychange', hold);
            void held?.release();
        };
    }, [wanted]);
}
