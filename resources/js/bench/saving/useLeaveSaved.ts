import { router } from '@inertiajs/react';
import { useEffect } from 'react';
import { toast } from '../../ui/toasts';
import type { Saver } from './saver';

/** Saves before another place is opened, and says so where that cannot be done. */
export function useLeaveSaved(saver: Saver): void {
    useEffect(() => {
        let leaving = false;
        const stop = router.on('before', (event) => {
            if (leaving || !saver.pending()) {
                return;
            }
            event.preventDefault();
            const { url } = event.detail.visit;
            const go = () => {
                leaving = true;
                router.visit(url);
            };
            void saver.flush().then((saved) => {
                if (saved) {
                    go();
                } else {
                    toast('The last changes are not saved, so this set stays open.', {
                        tone: 'failed',
                        action: {
                            label: 'Leave without them',
                            run: () => {
                                saver.letBe();
                                go();
                            },
                        },
                    });
                }
            });
        });
        const hide = () => saver.leave();
        window.addEventListener('pagehide', hide);
        return () => {
            stop();
            window.removeEventListener('pagehide', hide);
        };
    }, [saver]);
}
