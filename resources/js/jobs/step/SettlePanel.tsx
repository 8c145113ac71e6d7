import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { typedCents } from '../../units/cents';
import { pitchLabel } from '../../units/pitch';
import { momentWords, spanWords } from '../../units/times';
import { Button } from '../../ui/Button';
import { fieldClass, largeButtonClass } from '../../ui/classes';
import { useClock } from '../../server/useClock';
import { driftWords, thenWords } from '../../units/settling';
import type { JobNow } from '../useJob';

/** When all strings hold, ISO 8601; null while that is not known. */
export function holdsAt(now: JobNow): string | null {
    const each = now.job.settling.map(({ holds_at: at }) => at);
    return each.length === 0 || each.some((at) => at === null)
        ? null
        : each.reduce((last, at) => (Date.parse(at ?? '') > Date.parse(last ?? '') ? at : last));
}

/** Rounds of stretching and tuning: what each string had drifted by, how many rounds are left, and when it holds. */
export function SettlePanel({ now }: { now: JobNow }) {
    const { job } = now;
    const [typed, setTyped] = useState<Record<number, string>>({});
    const cents = job.strings.map(({ position }) => {
        const words = typed[position]?.trim() ?? '';
        return words === '' ? null : typedCents(words, 1);
    });
    const wrong = job.strings.filter(({ position }, index) => (typed[position]?.trim() ?? '') !== '' && cents[index] === null);
    const round = Math.max(0, ...job.settling.map(({ drifts }) => drifts.length)) + 1;
    const seated = job.settling.length > 0 && job.settling.every(({ rounds_left: left }) => left === 0);
    const [chosen, setChosen] = useState<boolean | null>(null);
    const rested = chosen ?? seated;
    const clock = useClock(1000);
    const holds = holdsAt(now);
    const keep = () => {
        now.recordTelling(rested ? 'Kept: it was tuned again.' : `Round ${round} is kept.`, 'drifted', { cents, rested });
        setTyped({});
        setChosen(null);
    };
    return (
        <section aria-label="Rounds" className="mt-4 max-w-3xl">
            <fieldset className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-lg">
                <legend className="float-left mr-4">Since it was tuned it was</legend>
                {[false, true].map((alone) => (
                    <label key={String(alone)} className="flex min-h-target items-center gap-2">
                        <input type="radio" name="since" checked={rested === alone} onChange={() => setChosen(alone)} />
                        {alone ? 'left alone, or played' : 'stretched'}
                    </label>
                ))}
            </fieldset>
            <table className="w-full text-lg">
                <thead>
                    <tr className="border-b border-ink text-left text-base">
                        <th scope="col" className="py-1 font-semibold">
                            String
                        </th>
                        <th scope="col" className="font-semibold">
                            Drifted so far, cents
                        </th>
                        <th scope="col" className="w-36 font-semibold">
                            {rested ? 'Now, cents' : `Round ${round}, cents`}
                        </th>
                        <th scope="col" className="text-right font-semibold">
                            Then
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {job.settling.map((string, index) => {
                        const of = job.strings[index];
                        return (
                            <tr key={string.position} className="border-b border-rule">
                                <th scope="row" className="py-1 text-left font-bold">
                                    {string.position} {pitchLabel(of?.pitch ?? '')}
                                </th>
                                <td className="text-ink-soft">{driftWords(string.drifts, string.rested)}</td>
                                <td>
                                    <input
                                        inputMode="decimal"
                                        aria-label={`Drift of string ${string.position}, cents`}
                                        className={`${fieldClass} text-lg`}
                                        value={typed[string.position] ?? ''}
                                        onChange={(event) => setTyped({ ...typed, [string.position]: event.target.value })}
                                    />
                                </td>
                                <td className="text-right">
                                    {thenWords(
                                        string.rounds_left,
                                        string.rounds_most,
                                        string.next_drift_cents,
                                        string.holds_after_s,
                                    )}
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
            {wrong.length > 0 && (
                <p role="alert" className="mt-1 text-stop">
                    Type how far each had gone flat before you tuned it again, in cents, such as −20.
                </p>
            )}
            <div className="mt-3 flex flex-wrap items-center gap-2.5">
                <Button large disabled={wrong.length > 0 || cents.every((each) => each === null)} onClick={keep}>
                    {rested ? 'Keep what it drifted' : 'Keep this round'}
                </Button>
                {job.set !== null && (
                    <Link href={`/sets/${job.set}/tune?job=${job.id}`} className={largeButtonClass.plain}>
                        Tune it with the tuner
                    </Link>
                )}
                {holds !== null && (
                    <p className="text-lg font-semibold">
                        {Date.parse(holds) > clock
                            ? `It holds ${momentWords(holds, clock)}, in ${spanWords(Date.parse(holds) - clock)}.`
                            : 'By what was read it holds now.'}
                    </p>
                )}
            </div>
        </section>
    );
}
