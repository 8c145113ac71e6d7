import { Glyph } from '../../ui/Glyph';
import { clsx } from 'clsx';
import { memo, useCallback, useMemo, useState, type KeyboardEvent } from 'react';
import { failureWords, type Refused } from '../../server/api';
import type { EvaluatedString, Finding, PoolGauge, TargetBand } from '../../generated/formats';
import { pitchLabel, stepped, type PitchLadder } from '../../units/pitch';
import { CONSTRUCTIONS } from '../../generated/words';
import { sentenceOf } from '../../units/sentences';
import { gaugeInches, sameFamily, sameType, typeOf } from '../../units/stringType';
import { formatGauge, formatShare, formatTension } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useBench, useBenchActions } from '../design/benchStore';
import { useCheckedEdit } from '../design/useCheckedEdit';
import { useTypedSet } from '../design/useTypedSet';
import * as edits from '../design/edits';
import { pitchMeant } from '../design/pitchMeant';
import { SeverityMark } from '../../ui/SeverityMark';
import { GaugeInput } from './GaugeInput';
import { allowed, choicesFor, chosenAmong, inTuning, nearestTo, neighbour, pullFrom, type Choice } from './gauges';
import type { Hear } from '../sound/useHearing';
import { LANE_COLUMNS } from './laneColumns';
import { LaneDrawing, type Ground } from './LaneDrawing';
import { LaneMenu } from './LaneMenu';
import { PitchControl, StepButton } from './PitchControl';
import { TensionInput } from './TensionInput';
import { stringsShow } from '../../generated/addresses/strings';

/** What all lanes share: what they are drawn on, the gauges there are, and the pitches to step along. */
interface LaneGround extends Ground {
    pool: PoolGauge[];
    ladder: PitchLadder;
}

interface Props {
    position: number;
    evaluated: EvaluatedString;
    target: TargetBand | undefined;
    /** The gravest finding of this string that is more than a note. */
    finding: Finding | undefined;
    refused: Refused | null;
    ground: LaneGround;
    onMove: (from: number, direction: -1 | 1) => void;
    onHear: Hear;
    /** Whether its figures stand open under the selected lane; null where they stand elsewhere. */
    details: boolean | null;
    onDetails: (open: boolean) => void;
}

/** Typed tensions that no gauge comes this near to are told, as a share. */
const FAR = 0.08;

/** One string: its pitch, itself on the tension axis, its gauge and what that comes to. */
export const Lane = memo(function Lane(props: Props) {
    const { position, evaluated, target, finding, refused, ground, onMove, onHear, details, onDetails } = props;
    const { axis, pool, ladder } = ground;
    const units = useUnits();
    const index = useBench((state) => state.document.strings.findIndex((string) => string.position === position));
    const string = useBench((state) => state.document.strings[index]);
    const pitch = useBench((state) => state.document.tunings[state.tuning]?.pitches[position - 1]);
    const tuning = useBench((state) => state.tuning);
    const selected = useBench((state) => state.selected === position);
    const { edit, select, beginGesture, endGesture, dropGesture } = useBenchActions();
    const [problem, setProblem] = useState<string | null>(null);

    const only = string?.only;
    const choices = useMemo(
        () => choicesFor(pool, evaluated.pool_tensions_n ?? [], tuning).filter((choice) => allowed(choice, only)),
        [pool, evaluated.pool_tensions_n, tuning, only],
    );
    const stepPitch = useCallback(
        (semitones: number) => {
            const next = pitch === undefined ? null : stepped(ladder, semitones, pitch);
            if (next !== null) {
                edit(edits.pitch(tuning, position, next));
            }
        },
        [edit, ladder, pitch, tuning, position],
    );
    const checkedEdit = useCheckedEdit();
    const tellRefusal = (refusal: Refused | null) => setProblem(refusal?.message ?? null);
    const typedSet = useTypedSet();
    const takeSet = (typed: string) => typedSet(typed).then(setProblem);
    const a4 = useBench((state) => state.document.tunings[state.tuning]?.a4_hz ?? 440);
    const takePitch = async (typed: string) => {
        try {
            setProblem(null);
            // Only what is a pitch becomes part of the design; what is not is told, and the last one stays.
            const known = ladder.some((rung) => rung.includes(typed));
            const meant = known || pitch === undefined ? typed : await pitchMeant(typed, pitch, a4);
            tellRefusal(await checkedEdit(edits.pitch(tuning, position, meant)));
        } catch (failure) {
            setProblem(failureWords(failure));
        }
    };
    const at = inTuning(evaluated.tunings, tuning);
    if (string === undefined || at === undefined || pitch === undefined) {
        return null;
    }

    const chosen = chosenAmong(choices, string);
    // Until the answer is there, a gauge of the pool already stands where the last answer says it pulls.
    const answered = chosen === undefined || sameType(typeOf(chosen), typeOf(evaluated));
    const ahead = answered ? null : chosen.tensionN;
    const tensionN = ahead ?? at.tension_n;
    const { lowN, highN } = pullFrom(at, tensionN);
    const all = evaluated.tunings.map((each) => each.tension_n);
    const change = at.change;

    const pitchError = refused?.at(`/tunings/${tuning}/pitches/${position - 1}`)?.message;
    const error = problem ?? refused?.at(stringsShow(index))?.message ?? pitchError;
    const figures = formatTension(tensionN, lowN, highN, units);
    const gaugeWords = `${formatGauge(gaugeInches(typeOf(string)), units)} ${CONSTRUCTIONS[string.construction]}`;
    const changeWords = change === undefined ? '' : `, ${formatShare(change.share)}, ${change.words}`;

    const locked = string.hold === 'locked';
    const choose = (choice: Choice) => {
        setProblem(null);
        edit(edits.chosenGauge(position, choice));
    };
    const takeTension = (newtons: number) => {
        const nearest = nearestTo(
            choices.filter((choice) => sameFamily(choice, string)),
            newtons,
        );
        if (nearest === undefined) {
            setProblem('There are no other gauges of this kind to choose from. Type a gauge.');
            return;
        }
        choose(nearest);
        if (Math.abs(nearest.tensionN / newtons - 1) > FAR) {
            setProblem(`Nothing of this kind pulls that; ${formatGauge(nearest.gauge_in, units)} comes nearest.`);
        }
    };
    const step = (direction: -1 | 1) => {
        if (locked) {
            setProblem('Locked. Its number opens what unlocks it.');
            return;
        }
        const next = neighbour(choices, string, direction);
        if (next !== undefined) {
            choose(next);
        }
    };
    const onKey = (event: KeyboardEvent) => {
        const act: Record<string, () => void> = {
            ArrowLeft: () => step(-1),
            ArrowRight: () => step(1),
            ArrowUp: () => onMove(position, -1),
            ArrowDown: () => onMove(position, 1),
            PageUp: () => stepPitch(1),
            PageDown: () => stepPitch(-1),
        };
        const action = event.ctrlKey || event.metaKey || event.altKey || event.shiftKey ? undefined : act[event.key];
        if (action !== undefined) {
            event.preventDefault();
            action();
        }
    };

    return (
        <div
            role="group"
            aria-label={`String ${position}`}
            data-lane={position}
            onPointerDown={() => select(position)}
            className={clsx(
                LANE_COLUMNS,
                'relative items-center border-b border-rule max-sm:grid-cols-[1.6rem_minmax(0,1fr)_auto] max-sm:pt-1',
                selected && 'bg-sheet shadow-[inset_3px_0_0_var(--accent)]',
            )}
        >
            <LaneMenu position={position} hold={string.hold} only={only} onStepPitch={stepPitch} onHear={onHear} />
            <PitchControl
                pitch={pitch}
                frequencyHz={pitchError === undefined ? at.frequency_hz : null}
                label={`Pitch of string ${position}`}
                error={pitchError}
                onType={(typed) => void takePitch(typed)}
                onStep={stepPitch}
                onFocus={() => select(position)}
            />
            <div className="min-h-[76px] min-w-0 max-sm:col-span-3 max-sm:row-start-2">
                {axis !== null && (
                    <LaneDrawing
                        string={string}
                        evaluated={evaluated}
                        pull={{
                            tensionN,
                            lowN,
                            highN,
                            spanN: all.length > 1 && ahead === null ? [Math.min(...all), Math.max(...all)] : null,
                            change,
                            target,
                        }}
                        ground={{ ...ground, axis }}
                        gauges={{ choices, chosen }}
                        units={units}
                        said={{
                            label: `Gauge of string ${position}, ${pitchLabel(pitch)}`,
                            value: `${gaugeWords}, ${figures}${changeWords}`,
                        }}
                        locked={locked}
                        on={{
                            choose,
                            key: onKey,
                            focus: () => select(position),
                            drag: { onStart: beginGesture, onEnd: endGesture, onDrop: dropGesture },
                        }}
                    />
                )}
            </div>
            <div className="pl-4 max-md:w-[8.5rem] max-md:pl-2 max-sm:w-[9.5rem]">
                <div className="flex items-baseline justify-between gap-2">
                    <div className="flex items-baseline">
                        <GaugeInput
                            inches={gaugeInches(typeOf(string))}
                            label={`Gauge of string ${position}, typed`}
                            className="field-sizing-content min-h-target max-w-[4.2rem] min-w-[26px] rounded-mark border-b border-transparent bg-transparent px-0.5 text-[1.08rem] font-bold hover:border-rule-strong focus:border-accent"
                            onType={(value, made) =>
                                void checkedEdit(edits.typedGauge(position, value, made, pool)).then(tellRefusal)
                            }
                            onSet={takeSet}
                            onProblem={setProblem}
                            locked={locked}
                            onFocus={() => select(position)}
                        />
                        <span className="ml-1 font-semibold">{CONSTRUCTIONS[string.construction]}</span>
                        {finding !== undefined && (
                            <span className="ml-1.5 translate-y-0.5" title={sentenceOf(finding, units)}>
                                <SeverityMark severity={finding.severity} />
                            </span>
                        )}
                    </div>
                    <TensionInput
                        figures={figures}
                        label={`Tension of string ${position}`}
                        disabled={locked}
                        className={clsx('text-[1.08rem] font-bold', error !== undefined && 'text-ink-faint')}
                        onType={takeTension}
                        onProblem={setProblem}
                        onFocus={() => select(position)}
                    />
                </div>
                <div className="flex items-center justify-between gap-2 text-sm">
                    {error !== undefined ? (
                        <p role="alert" className="text-stop">
                            {error}
                        </p>
                    ) : (
                        <>
                            <span className="text-ink-soft">{change?.words ?? ''}</span>
                            <span className="text-ink-soft">{change === undefined ? '' : formatShare(change.share)}</span>
                        </>
                    )}
                </div>
                {selected && error === undefined && (
                    <div className="-mb-1 flex justify-start">
                        <StepButton
                            label={`Gauge of string ${position}: next lighter`}
                            onClick={() => step(-1)}
                            disabled={locked || neighbour(choices, string, -1) === undefined}
                        >
                            <Glyph sign="left" />
                        </StepButton>
                        <StepButton
                            label={`Gauge of string ${position}: next heavier`}
                            onClick={() => step(1)}
                            disabled={locked || neighbour(choices, string, 1) === undefined}
                        >
                            <Glyph sign="right" />
                        </StepButton>
                        {details !== null && (
                            <button
                                type="button"
                                aria-expanded={details}
                                aria-label={`${details ? 'Less' : 'More'} of string ${position}`}
                                className="ml-auto inline-flex min-h-target items-center gap-1 rounded-mark px-1 text-accent"
                                onClick={() => onDetails(!details)}
                            >
                                {details ? 'less' : 'more'} <Glyph sign={details ? 'up' : 'down'} />
                            </button>
                        )}
                    </div>
                )}
            </div>
        </div>
    );
});
