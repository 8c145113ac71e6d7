import { router, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect } from 'react';
import { ask } from '../server/api';
import { useReach } from '../server/reach';
import { Button } from '../ui/Button';
import { useNotices, type Notice } from '../ui/notices';
import { benchShow } from '../generated/addresses/bench';
import { apiPitches, copiesIndex } from '../generated/addresses/places';
import { withAsked } from '../server/asked';

const FIRST_MS = 1000;
const LAST_MS = 15_000;

/** The one place that tells what is wrong and goes on: no answer, a busy database, a conflict, a failure, what was not saved. */
export function Standing() {
    const standing = useNotices((state) => state.standing);
    const answers = useReach((state) => state.answers);
    const { url, props } = usePage<{ copies_missing?: string | null; device?: { name: string; right: string } | null }>();
    // Where one sees to it the page itself says it.
    const copies = url.startsWith(copiesIndex) ? null : (props.copies_missing ?? null);
    useAskedAgain(!answers);
    // What is said of saving says already that nothing answers, and what the figures are.
    const saving = standing['saving'] !== undefined;
    const about = Object.entries(standing).filter(([key]) => key !== 'figures' || !saving);
    const silent = !answers && !saving && standing['figures'] === undefined;
    return (
        <div role="status" className="contents">
            {silent && <Line notice={SILENT} />}
            {props.device?.right === 'look' && (
                <Line notice={{ tone: 'caution', message: 'This device may look: nothing is changed from here.', actions: [] }} />
            )}
            {props.device?.right === 'bench' && url.startsWith(benchShow('')) && (
                <Line
                    notice={{
                        tone: 'caution',
                        message: 'This device works jobs, tunes and logs: what is changed in a design here is not kept.',
                        actions: [],
                    }}
                />
            )}
            {copies !== null && (
                <Line
                    notice={{
                        tone: 'caution',
                        message: copies,
                        actions: [{ label: 'See to it', run: () => router.visit(copiesIndex) }],
                    }}
                />
            )}
            {about.map(([key, notice]) => (
                <Line key={key} notice={notice} />
            ))}
        </div>
    );
}

const SILENT: Notice = {
    tone: 'caution',
    message: 'Lira’s server does not answer. What you see is as it was last; nothing is lost, and it is asked again.',
    actions: [{ label: 'Try now', run: () => void ask(withAsked(apiPitches, { hz: '440' })).catch(() => undefined) }],
};

function Line({ notice: { tone, message, actions } }: { notice: Notice }) {
    return (
        <div
            className={clsx(
                'flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-4 border-rule bg-sheet py-1.5 pr-4 pl-3 sm:pl-6',
                tone === 'stop' ? 'border-l-stop' : 'border-l-caution',
            )}
        >
            <span className={clsx('min-w-0 flex-1 basis-72', tone === 'stop' ? 'text-stop' : 'text-caution')}>{message}</span>
            <span className="flex flex-wrap gap-1.5">
                {actions.map(({ label, run }) => (
                    <Button key={label} onClick={run} className="h-8">
                        {label}
                    </Button>
                ))}
            </span>
        </div>
    );
}

/** Asks until there is an answer, so that it is known when the server is back. */
function useAskedAgain(silent: boolean): void {
    useEffect(() => {
        if (!silent) {
            return undefined;
        }
        let wait = FIRST_MS;
        let timer = setTimeout(again, wait);
        function again() {
            wait = Math.min(2 * wait, LAST_MS);
            ask(withAsked(apiPitches, { hz: '440' })).catch(() => {
                timer = setTimeout(again, wait);
            });
        }
        return () => clearTimeout(timer);
    }, [silent]);
}
