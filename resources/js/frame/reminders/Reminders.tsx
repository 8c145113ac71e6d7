import { router } from '@inertiajs/react';
import { useEffect } from 'react';
import { clockNow } from '../../server/clock';
import { toast } from '../../ui/toasts';
import { takeDue } from './reminders';
import { jobsShow } from '../../generated/addresses/jobs';

const LOOK_MS = 1000;

/** Tells of each job that may be looked at again, here and, where that is allowed, as a message of the browser. */
export function Reminders() {
    useEffect(() => {
        const timer = setInterval(() => {
            for (const { job, name } of takeDue(clockNow())) {
                const words = `${name} has rested: it may be looked at again.`;
                toast(words, { action: { label: 'Open', run: () => router.visit(jobsShow(job)) } });
                if (mayNotify() === 'granted') {
                    new Notification('Lira', { body: words, tag: `lira-job-${job}` });
                }
            }
        }, LOOK_MS);
        return () => clearInterval(timer);
    }, []);
    return null;
}

/** Whether messages of the browser are allowed; null where it has none. */
export function mayNotify(): NotificationPermission | null {
    return 'Notification' in window ? Notification.permission : null;
}
