import type { TunePage } from '../generated/pages';
import { typedCents } from '../units/cents';
import { pitchLabel } from '../units/pitch';
import { formatGauge } from '../units/units';
import { useUnits } from '../units/useUnits';
import { fieldClass } from '../ui/classes';
import { TypedInput } from '../ui/TypedInput';
import type { Source } from '../devices/own';
import { CentsLanes } from './CentsLanes';
import { HowItGives } from './HowItGives';
import { LeftAlone } from './LeftAlone';
import { PracticeSettling } from './PracticeSettling';
import { TOLERANCE } from './round';
import { passesWords, shownCents } from './rounds';
import { RoundStart } from './RoundStart';
import { StringTurn } from './StringTurn';
import { TuneOptions } from './TuneOptions';
import { standsIn, useTuning, type TuningNow } from './useTuning';
import { useTurns, type Turns } from './useTurns';

/** A set brought to its tuning in one pass: where each string stands, where to leave it in its turn, so that all land together. */
export function Tuning(known: TunePage) {
    const { set, floats, tunings } = known;
    const at = useTuning(known);
    const turns = useTurns(set, at);
    const { source, state, go, strings, order, next, ear, practice, settles, act, busy, drifts } = at;
    const { retuning, landed } = next;
    const problem = ear.problem ?? at.problem;
    return (
        <div className="min-w-0">
            <TuneOptions
                known={known}
                source={source}
                busy={state.round !== null}
                values={at.chosen}
                keepsDrifts={drifts.keeps}
                onSource={(chosen) => at.choose(chosen as Source)}
                onChange={at.change}
                onStandsIn={(index) => go({ do: 'stand', present: standsIn(tunings[index]?.hz, strings) })}
            />
            {problem != null && (
                <p role="alert" className="mt-3 border-l-4 border-l-stop pl-3 text-stop">
                    {problem}
                </p>
            )}
            <Lanes at={at} />
            {state.round === null && (
                <LeftAlone
                    positions={strings.map((string) => string.position)}
                    left={state.left}
                    mayStay={next.known && !landed && next.mayStay.length < order.length ? next.mayStay : []}
                    after={retuning?.after ?? []}
                    onLeave={(each, alone) => go({ do: 'leave', position: each, alone })}
                />
            )}
            <section aria-label="This round" className="mt-5 border-t border-ink pt-4">
                {state.round === null ? (
                    <Between at={at} turns={turns} floats={floats} />
                ) : (
                    <InTurn at={at} turns={turns} round={state.round} />
                )}
            </section>
            {source === 'practice' && state.round === null && (landed || settles.found.length > 0) && (
                <PracticeSettling
                    strings={strings}
                    found={settles.found}
                    settling={settles.settling}
                    busy={busy}
                    onDrift={(seconds) => act(async () => turns.take(await settles.drift(state.present, seconds)))}
                />
            )}
            {retuning !== undefined && (
                <HowItGives
                    retuning={retuning}
                    floats={floats}
                    instrument={set.instrument}
                    busy={busy}
                    onKeep={retuning.learned && source !== 'practice' ? turns.keep : null}
                    practice={source === 'practice' ? { reveal: () => practice.read(true), settling: settles.settling } : null}
                />
            )}
        </div>
    );
}

/** Where each string stands, and where it is left in this round. */
function Lanes({ at: { source, state, go, strings, order, next, hear } }: { at: TuningNow }) {
    const units = useUnits();
    const typedField = (at: number) => {
        const string = strings[at - 1];
        return (
            string !== undefined && (
                <TypedInput
                    className={`${fieldClass} text-right text-lg`}
                    aria-label={`${at}, ${pitchLabel(string.pitch)}`}
                    placeholder="−12 or 81.6 Hz"
                    shown={shownCents(state.present[at - 1] ?? null)}
                    onTake={(typed) => {
                        const cents = typedCents(typed, string.hz);
                        if (cents !== null) {
                            hear(at, cents);
                        }
                    }}
                />
            )
        );
    };
    return (
        <div className="mt-5">
            <CentsLanes
                strings={strings.map((string) => ({ ...string, gauge: formatGauge(string.gauge_in, units) }))}
                present={state.present}
                earlier={state.earlier}
                steps={next.steps}
                may={next.may}
                current={next.position}
                tolerance={TOLERANCE}
                onChoose={(chosen) => go({ do: 'choose', at: order.indexOf(chosen) })}
                {...(source === 'typed' && state.round === null ? { field: typedField } : {})}
            />
            <p className="mt-2 text-sm text-ink-soft">
                Filled: where it is. Between the notches: in tune, within {TOLERANCE} cents. Triangle: where to leave it in this
                round, so that the strings still to come pull it to its pitch.
                {next.may.length > 0 && ' Bar: where this round may leave it, at the furthest.'} Grey: earlier rounds.
            </p>
        </div>
    );
}

/** Between rounds: how all are heard, and what the next round would come to. */
function Between({ at, turns, floats }: { at: TuningNow; turns: Turns; floats: boolean }) {
    const { source, state, order, next, off, ear, busy, drifts } = at;
    const { retuning, known, landed } = next;
    return (
        <RoundStart
            source={source}
            learning={state.learning === null ? null : (order[0] ?? null)}
            known={known}
            landed={landed}
            someLeft={state.left.size > 0}
            worst={next.worst}
            passes={passesWords(retuning, floats)}
            live={source === 'microphone' && ear.listening ? ear.live : null}
            offCents={off}
            busy={busy}
            ready={known && !landed && order.length > 0}
            onStrum={turns.strum}
            onLearn={known && !landed && (retuning?.observations_counted ?? 0) === 0 ? turns.learn : null}
            onKeep={landed && drifts.keeps ? { keep: drifts.keep, kept: drifts.kept } : null}
            onBegin={turns.begin}
        />
    );
}

/** The string whose turn it is. */
function InTurn({ at, turns, round }: { at: TuningNow; turns: Turns; round: NonNullable<TuningNow['state']['round']> }) {
    const { source, state, strings, order, next, off, hear, ear, plucked, act, busy } = at;
    const { step, position } = next;
    if (step === undefined || position === null) {
        return null;
    }
    const now = state.present[position - 1] ?? null;
    return (
        <StringTurn
            step={step}
            string={strings[position - 1] ?? { pitch: '', hz: 1 }}
            now={now}
            untouched={now === round.start[position - 1]}
            toCome={order.slice(round.at + 1)}
            heard={source === 'microphone' || ear.listening ? ear.live : null}
            around={plucked.around}
            onAround={plucked.setAround}
            source={source}
            offCents={off}
            busy={busy}
            onTurn={turns.turn}
            onPluck={() => act(() => plucked.pluck(position, ear.open))}
            onTyped={(cents) => hear(position, cents)}
            onNext={turns.next}
        />
    );
}
