import { AROUND, type Around } from '../devices/tuner/around';
import type { Hearing } from '../devices/tuner/listened';
import type { Retuning } from '../generated/formats';
import { fixed } from '../units/figures';
import { pitchLabel } from '../units/pitch';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { TypedInput } from '../ui/TypedInput';
import { typedCents } from '../units/cents';
import { Select } from '../ui/Select';
import { centsWords, hearingWords, isOdd, knobWords } from '../devices/tuner/heard';
import { afterWords, knobLabel, shownCents } from './rounds';
import type { Source } from '../devices/own';

interface Props {
    step: Retuning['steps'][number];
    string: { pitch: string; hz: number };
    /** Where it stands, cents from its pitch; null before it was heard. */
    now: number | null;
    /** Whether it still stands where it did when the round began. */
    untouched: boolean;
    /** Strings whose turn is later in this round. */
    toCome: number[];
    heard: Hearing | null;
    /** What else sounds where one practises. */
    around: Around;
    onAround: (around: Around) => void;
    source: Source;
    /** By how much the tuner is off. */
    offCents: number;
    busy: boolean;
    onTurn: (by: { turns: number } | { cents: number }) => void;
    onPluck: () => void;
    onTyped: (cents: number) => void;
    onNext: () => void;
}

const KNOBS = [-1, -0.25, -0.05, 0.05, 0.25, 1];

/** One string's turn in a round: where to leave it, how far that is, and why there. */
export function StringTurn({
    step,
    string,
    now,
    untouched,
    toCome,
    heard,
    around,
    onAround,
    source,
    offCents,
    busy,
    onTurn,
    onPluck,
    onTyped,
    onNext,
}: Props) {
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[auto_minmax(0,1fr)_auto]">
            <p className="flex items-center gap-4">
                <span className="text-6xl leading-none font-extrabold">{step.position}</span>
                <span className="text-2xl font-bold">{pitchLabel(string.pitch)}</span>
                <span data-figure="key" className="text-[72px] leading-none font-extrabold tracking-tight">
                    {centsWords(step.target_cents)}
                </span>
                <span className="text-2xl">cents</span>
            </p>
            <WhatIsHeard
                now={now}
                step={step}
                untouched={untouched}
                toCome={toCome}
                source={source}
                heard={heard}
                offCents={offCents}
            />
            <div className="flex flex-wrap content-center justify-end gap-2">
                <Button large look="strong" disabled={busy} onClick={onNext}>
                    It stands there: {toCome.length > 0 ? 'next string' : 'hear them all'}
                </Button>
            </div>
            {source === 'practice' && (
                <Peg busy={busy} onTurn={onTurn} step={step} onPluck={onPluck} around={around} onAround={onAround} />
            )}
            {source === 'typed' && (
                <div className="w-44 lg:col-span-3">
                    <Field label="Where it stands now">
                        <TypedInput
                            className={`${fieldClass} text-lg`}
                            shown={shownCents(now)}
                            onTake={(typed) => {
                                const cents = typedCents(typed, string.hz);
                                if (cents !== null) {
                                    onTyped(cents);
                                }
                            }}
                        />
                    </Field>
                </div>
            )}
        </div>
    );
}

/** How far off it is, and what is still to come. */
function WhatIsHeard({
    now,
    step,
    untouched,
    toCome,
    source,
    heard,
    offCents,
}: {
    now: Props['now'];
    step: Props['step'];
    untouched: Props['untouched'];
    toCome: Props['toCome'];
    source: Props['source'];
    heard: Props['heard'];
    offCents: Props['offCents'];
}) {
    return (
        <div className="self-center text-xl leading-snug" aria-live="polite">
            <p>
                {Math.abs((now ?? 0) - step.target_cents) < 1.5
                    ? 'There.'
                    : `${fixed(Math.abs(step.target_cents - (now ?? 0)), 0)} cents ${step.target_cents > (now ?? 0) ? 'up' : 'down'}${step.knob_turns === null || !untouched ? '' : `, the knob ${knobWords(step.knob_turns)}`}.`}{' '}
                <span className="text-ink-soft">{fixed(step.hz, 1)} Hz.</span>
            </p>
            <p className="text-lg text-ink-soft">{afterWords(toCome, step.target_cents)}</p>
            {(source === 'microphone' || heard !== null) && (
                <p role="status" className={isOdd(heard, step.position) ? 'text-lg font-semibold text-caution' : 'text-lg'}>
                    {hearingWords(
                        heard,
                        ({ cents, sure }) => `${centsWords(cents - offCents)} cents now${sure ? '' : ', not sure yet'}`,
                        step.position,
                    )}
                </p>
            )}
        </div>
    );
}

/** The peg of a simulated instrument. */
function Peg({
    busy,
    onTurn,
    step,
    onPluck,
    around,
    onAround,
}: {
    busy: Props['busy'];
    onTurn: Props['onTurn'];
    step: Props['step'];
    onPluck: Props['onPluck'];
    around: Props['around'];
    onAround: Props['onAround'];
}) {
    return (
        <div className="flex flex-wrap items-center gap-2 lg:col-span-3" role="group" aria-label="The knob">
            <span className="text-ink-soft">Turn the knob</span>
            {KNOBS.map((turns) => (
                <Button
                    key={turns}
                    disabled={busy}
                    aria-label={`Turn the knob ${knobLabel(turns)}`}
                    onClick={() => onTurn({ turns })}
                >
                    {knobLabel(turns)}
                </Button>
            ))}
            <Button disabled={busy} onClick={() => onTurn({ cents: step.target_cents })}>
                Bring it there
            </Button>
            <Button look="quiet" disabled={busy} onClick={onPluck}>
                Pluck it, and hear it through the tuner
            </Button>
            <span className="flex items-center gap-2">
                <span className="text-ink-soft">in</span>
                <span className="w-56">
                    <Select
                        label="What else sounds"
                        value={around}
                        choices={AROUND}
                        onChange={(chosen) => onAround(chosen as Around)}
                    />
                </span>
            </span>
        </div>
    );
}
