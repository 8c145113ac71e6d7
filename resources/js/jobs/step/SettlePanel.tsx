import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { typedCents } from '../../tuning/heard';
import { fixed, withMinus } from '../../units/figures';
import { pitchLabel } from '../../units/pitch';
import { spanWords } from '../../units/times';
import { Button } from '../../ui/Button';
import { fieldClass, largeButtonClass } from '../../ui/classes';
import type { JobNow } from '../useJob';

/** How long all strings still need once no round is left, seconds; null while that is not known. */
export function holdsAfter(now: JobNow): number | null {
    const each = now.job.settling.map(({ holds_after_s: seconds }) => seconds);
    return each.length === 0 || each.some((seconds) => seconds === null)
        ? null
        : Math.max(...each.map((seconds) => seconds ?? 0));
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
    const holds = holdsAfter(now);
    const keep = () => {
        now.record('drifted', { cents });
        setTyped({});
    };
    return (
        <section aria-label="Rounds" className="mt-4 max-w-3xl">
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
                            Round {round}
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
                                <td className="text-ink-soft">
                                    {string.drifts.map((drift) => withMinus(drift, 0)).join(', ') || '–'}
                                </td>
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
                                    {thenWords(string.rounds_left, string.next_drift_cents, string.holds_after_s)}
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
                    Keep this round
                </Button>
                {job.set !== null && (
                    <Link href={`/sets/${job.set}/tune`} className={largeButtonClass.plain}>
                        Tune it with the tuner
                    </Link>
                )}
                {holds !== null && <p className="text-lg font-semibold">It holds after {spanWords(1000 * holds)}.</p>}
            </div>
        </section>
    );
}

function thenWords(rounds: number | null, next: number | null, holds: number | null): string {
    if (rounds === null) {
        return 'not read yet';
    }
    if (rounds > 0) {
        return `${rounds} more, next about ${fixed(next ?? 0, 0)}`;
    }
    return holds === null ? 'seated' : `holds after ${spanWords(1000 * holds)}`;
}
