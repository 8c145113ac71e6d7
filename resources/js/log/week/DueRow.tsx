import { beginningOf } from '../beginning';
import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { Due } from '../../generated/views';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { toast } from '../../ui/toasts';
import { dateWords, dayWords } from '../../units/times';
import { careRecord, careTakeBack } from '../../generated/addresses/care';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import { jobsShow } from '../../generated/addresses/jobs';
import { withAsked } from '../../server/asked';

export function DueRow({ due, today, onDone, onPutOff }: { due: Due; today: string; onDone: () => void; onPutOff: () => void }) {
    const { act, busy, problem } = useAct();
    const late = due.on < today;
    const see = () =>
        act(async () => {
            const { id } = await ask<{ id: number }>(careRecord(due.instrument), { method: 'POST', body: { rule: due.rule } });
            toast(`Seen to on ${due.name}: ${due.do}.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(careTakeBack(due.instrument, id), { method: 'DELETE' }).then(onDone, onDone),
                },
            });
            onDone();
        });
    return (
        <li className="grid gap-x-5 gap-y-1 border-b border-rule py-2.5 md:grid-cols-[7.5rem_10rem_minmax(0,1fr)_auto]">
            <p className={clsx(late ? 'font-semibold text-caution' : due.on === today && 'font-semibold')}>
                {late && <span className="block">Late, since</span>}
                {due.on === today ? 'Today' : due.on.slice(0, 4) === today.slice(0, 4) ? dayWords(due.on) : dateWords(due.on)}
            </p>
            <p>
                <Link
                    href={withAsked(instrumentsEdit(due.instrument), { view: 'log' })}
                    className="font-semibold hover:text-accent"
                >
                    {due.name}
                </Link>
                {due.owner !== '' && <span className="block text-sm text-ink-soft">{due.owner}</span>}
            </p>
            <div>
                <p className="font-semibold">{due.do}</p>
                <p className="max-w-prose text-sm text-ink-soft">
                    {due.why}
                    {due.from !== null &&
                        due.to !== null &&
                        ` It may be as early as ${dateWords(due.from)}, or as late as ${dateWords(due.to)}.`}
                    {due.put_off !== null && ` Put off to ${dateWords(due.put_off)}: ${due.put_off_why}`}
                </p>
                {due.caution !== '' && <p className="mt-0.5 max-w-prose text-sm">{due.caution}</p>}
                {problem !== undefined && (
                    <p role="alert" className="text-stop">
                        {problem}
                    </p>
                )}
            </div>
            <p className="flex items-start gap-1.5">
                {due.what === 'care' && (
                    <Button disabled={busy} onClick={see} aria-label={`Seen to: ${due.name}, ${due.do}`}>
                        Seen to
                    </Button>
                )}
                {(due.what === 'strings' || due.what === 'show') && due.job === null && (
                    <Link href={beginningOf(due)} className={buttonClass.plain}>
                        Begin a job
                    </Link>
                )}
                {due.job !== null && (due.what === 'job' || due.put_off === null) ? (
                    <Link href={jobsShow(due.job)} className={buttonClass.plain}>
                        Go on with it
                    </Link>
                ) : (
                    <Button look="quiet" onClick={onPutOff} aria-label={`Put off: ${due.name}, ${due.do}`}>
                        Put off…
                    </Button>
                )}
            </p>
        </li>
    );
}
