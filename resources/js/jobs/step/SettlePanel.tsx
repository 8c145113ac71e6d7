import { Link } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { typedCents } from '../../units/cents';
import { pitchLabel } from '../../units/pitch';
import { momentWords, spanWords } from '../../units/times';
import { Button } from '../../ui/Button';
import { fieldClass, largeButtonClass } from '../../ui/classes';
import { fixed } from '../../units/figures';
import { useClock } from '../../server/useClock';
import type { StringNow, JobWithAll } from '../../events/jobNow';
import { ListenSwitch, useJobEar } from './HeardPitch';
import { hearingWords } from '../../devices/tuner/heard';
import { driftWords, thenWords } from '../../units/settling';
import { ShowSoonNote } from '../ShowSoonNote';
import type { JobNow } from '../useJob';
import { tuneShow } from '../../generated/addresses/tune';
import { withAsked } from '../../server/asked';

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
    const wordsOf = (position: number) => typed[position]?.trim() ?? '';
    const read = ({ position, hz }: StringNow) => (wordsOf(position) === '' ? null : typedCents(wordsOf(position), hz));
    const wrong = job.strings.filter((string) => wordsOf(string.position) !== '' && read(string) === null);
    // String 1 first, whichever of them the job changes.
    const cents = Array.from({ length: Math.max(0, ...job.strings.map(({ position }) => position)) }, (_, index) => {
        const string = job.strings.find(({ position }) => position === index + 1);
        return string === undefined ? null : read(string);
    });
    // What is heard before it is tuned again is what it drifted by: the first that was sure of each.
    const ear = useJobEar(now, null, (heard) => {
        setTyped((before) =>
            before[heard.position] === undefined ? { ...before, [heard.position]: fixed(heard.cents, 1) } : before,
        );
    });
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
        <section aria-label="Rounds" className="min-w-0 text-lg">
            <fieldset className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-lg">
                <legend className="float-left mr-4">Since it was tuned it was</legend>
                {[false, true].map((alone) => (
                    <label key={String(alone)} className="flex min-h-target items-center gap-2">
                        <input type="radio" name="since" checked={rested === alone} onChange={() => setChosen(alone)} />
                        {alone ? 'left alone, or played' : 'stretched'}
                    </label>
                ))}
            </fieldset>
            <DriftOfEach job={job} rested={rested} round={round} typed={typed} setTyped={setTyped} />
            {job.show !== null && <ShowSoonNote show={job.show} />}
            {wrong.length > 0 && (
                <p role="alert" className="mt-1 text-stop">
                    Type how far each had gone flat before you tuned it again, in cents, such as −20.
                </p>
            )}
            {ear.wants && (
                <p role="status" className="mt-1 text-ink-soft">
                    {ear.problem ?? hearingWords(ear.live, ({ position }) => `String ${position} is heard.`)}
                </p>
            )}
            <div className="mt-2 flex flex-wrap items-center gap-2.5">
                <ListenSwitch />
                <Button large className="h-16" disabled={wrong.length > 0 || cents.every((each) => each === null)} onClick={keep}>
                    {rested ? 'Keep what it drifted' : 'Keep this round'}
                </Button>
                {job.set !== null && (
                    <Link href={withAsked(tuneShow(job.set), { job: job.id })} className={`${largeButtonClass.plain} h-16`}>
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

/** What each has drifted by in a round. */
function DriftOfEach({
    job,
    rested,
    round,
    typed,
    setTyped,
}: {
    job: JobWithAll;
    rested: boolean;
    round: number;
    typed: Record<number, string>;
    setTyped: Dispatch<SetStateAction<Record<number, string>>>;
}) {
    return (
        <ul aria-label="What each has drifted by, cents" className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
            {job.settling.map((string) => {
                const { position } = string;
                const pitch = job.strings.find((each) => each.position === position)?.pitch ?? '';
                return (
                    <li key={position}>
                        <span className="flex justify-between gap-2 leading-tight">
                            <strong className="whitespace-nowrap">
                                {position} {pitchLabel(pitch)}
                            </strong>
                            <span className="truncate text-base text-ink-soft">{driftWords(string.drifts, string.rested)}</span>
                        </span>
                        <input
                            inputMode="decimal"
                            aria-label={`Drift of string ${position}, cents`}
                            placeholder={rested ? 'now, cents' : `round ${round}, cents`}
                            className={`${fieldClass} h-16 text-2xl placeholder:text-base placeholder:text-ink-faint`}
                            value={typed[position] ?? ''}
                            onChange={(event) => setTyped({ ...typed, [position]: event.target.value })}
                        />
                        <span className="block text-base leading-tight">
                            {thenWords(string.rounds_left, string.rounds_most, string.next_drift_cents, string.holds_after_s)}
                        </span>
                    </li>
                );
            })}
        </ul>
    );
}
