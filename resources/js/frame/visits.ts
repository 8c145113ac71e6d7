import { router } from '@inertiajs/react';
import { refused } from '../server/api';
import { unreached } from '../server/reach';
import { tell, untell } from '../ui/notices';

const ABOUT = 'visit';

/** Tells in the one place for it when another page cannot be opened, and lets one try again; the present page stays. */
export function tellOfVisits(): void {
    let wanted = '';
    const again = { label: 'Try again', run: () => router.visit(wanted) };
    router.on('start', (event) => {
        wanted = event.detail.visit.url.href;
    });
    router.on('networkError', (event) => {
        event.preventDefault();
        unreached();
        tell(ABOUT, {
            tone: 'caution',
            message: 'The page could not be opened: Lira’s server does not answer. Nothing is lost.',
            actions: [again],
        });
    });
    router.on('httpException', (event) => {
        event.preventDefault();
        const { status, data } = event.detail.response as { status: number; data: unknown };
        const text = typeof data === 'string' ? data : JSON.stringify(data);
        tell(ABOUT, {
            tone: 'stop',
            message: `The page could not be opened: ${refused(status, text).message}`,
            actions: [again],
        });
    });
    router.on('success', () => untell(ABOUT));
}
