import { Link, router } from '@inertiajs/react';
import type { RefObject } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { pitchLabel } from '../../units/pitch';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { largeButtonClass } from '../../ui/classes';
import type { JobAnswer } from '../../events/known';
import type { JobNow } from '../useJob';
import { WayOn } from './WayOn';
import { jobsWant } from '../../generated/addresses/jobs';
import { jobsIndex, ordersIndex } from '../../generated/addresses/places';

/** Nothing goes on before a string is there: it is ordered, or here after all. */
export function MissingPanel({
    now,
    position,
    main,
}: {
    now: JobNow;
    position: number;
    main: RefObject<HTMLButtonElement | null>;
}) {
    const { act, busy, problem } = useAct();
    const units = useUnits();
    const string = now.job.strings.find((each) => each.position === position);
    if (string === undefined) {
        return null;
    }
    const want = () =>
        act(async () => {
            now.take(await ask<JobAnswer>(jobsWant(now.job.id), { method: 'POST', body: { position } }));
        });
    return (
        <article className="max-w-2xl self-start">
            <h2 className="text-[1.75rem] leading-snug">String {position} is not here</h2>
            <p data-figure="key" className="text-[72px] leading-tight font-extrabold tracking-tight">
                {pitchLabel(string.pitch)} · {formatGauge(gaugeInches(string), units)}
            </p>
            <p className="text-xl text-ink-soft">
                {familyWords(string)}
                {string.free === 0 ? '; none lies in the drawer that is free' : ''}
            </p>
            <div className="mt-5 flex flex-wrap gap-2.5">
                <Button large onClick={() => now.record('chose', { position, lot: null })}>
                    It is here after all
                </Button>
                {string.wanted && (
                    <Link href={ordersIndex} className={largeButtonClass.plain}>
                        It is on the order list
                    </Link>
                )}
                {problem !== undefined && (
                    <p role="alert" className="text-stop">
                        {problem}
                    </p>
                )}
            </div>
            {string.wanted ? (
                <WayOn main={main} onGo={() => router.visit(jobsIndex)}>
                    Back to the jobs
                </WayOn>
            ) : (
                <WayOn
                    main={main}
                    onGo={want}
                    disabled={busy}
                    other={{ label: 'Back to the jobs', run: () => router.visit(jobsIndex) }}
                >
                    Put it on the order list
                </WayOn>
            )}
            <p className="mt-4 max-w-prose text-lg text-ink-soft">
                The job waits in the list. Once the string lies in the drawer it is kept for this job, and it goes on here.
            </p>
        </article>
    );
}
