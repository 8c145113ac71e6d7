import { clsx } from 'clsx';
import { memo, useMemo, useState, type KeyboardEvent } from 'react';
import { type Refused } from '../../server/api';
import type { EvaluatedString, PoolGauge, TargetBand, StringOfSet, Change } from '../../generated/formats';
import { pitchLabel, type PitchLadder } from '../../units/pitch';
import { CONSTRUCTIONS } from '../../generated/words';
import { gaugeInches, sameType, typeOf } from '../../units/stringType';
import { formatGauge, formatShare, formatTension, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useBench, useBenchActions } from '../design/benchStore';
import { allowed, choicesFor, chosenAmong, inTuning, pullFrom, type Choice } from './gauges';
import type { Hear } from '../sound/useHearing';
import { LANE_COLUMNS } from './laneColumns';
import { LaneDrawing, type Ground, type Pull } from './LaneDrawing';
import { LaneMenu } from './LaneMenu';
import { PitchControl } from './PitchControl';
import { useLanePitch } from './useLanePitch';
import { gaugeActs } from './gaugeActs';
import { LaneFigures, type OfLane } from './LaneFigures';

/** What all lanes share: what they are drawn on, the gauges there are, and the pitches to step along. */
interface LaneGround extends Ground {
    pool: PoolGauge[];
    ladder: PitchLadder;
}

interface LaneProps extends OfLane {
    evaluated: EvaluatedString;
    target: TargetBand | undefined;
    refused: Refused | null;
    ground: LaneGround;
    onMove: (from: number, direction: -1 | 1) => void;
    onHear: Hear;
}

/** One string: its pitch, itself on the tension axis, its gauge and what that comes to. */
export const Lane = memo(function Lane(props: LaneProps) {
    const { position, evaluated, target, refused, ground, onMove, onHear } = props;
    const { axis, pool, ladder } = ground;
    const units = useUnits();
    const index = useBench((state) => state.document.strings.findIndex((string) => string.position === position));
    const string = useBench((state) => state.document.strings[index]);
    const selected = useBench((state) => state.selected === position);
    const { edit, select, beginGesture, endGesture, dropGesture } = useBenchActions();
    const [problem, setProblem] = useState<string | null>(null);
    const { tuning, pitch, stepPitch, takePitch } = useLanePitch(position, ladder, setProblem);
    const only = string?.only;
    const choices = useMemo(
        () => choicesFor(pool, evaluated.pool_tensions_n ?? [], tuning).filter((choice) => allowed(choice, only)),
        [pool, evaluated.pool_tensions_n, tuning, only],
    );
    const at = inTuning(evaluated.tunings, tuning);
    if (string === undefined || at === undefined || pitch === undefined) {
        return null;
    }

    const pitchError = refused?.at(`/tunings/${tuning}/pitches/${position - 1}`)?.message;
    const error = problem ?? refused?.at(`/strings/${index}`)?.message ?? pitchError;
    const { chosen, pull } = pullOf(string, choices, evaluated, at, target);
    const figures = formatTension(pull.tensionN, pull.lowN, pull.highN, units);
    const locked = string.hold === 'locked';
    const { choose, takeTension, step } = gaugeActs({ position, string, choices, units, edit, tell: setProblem });

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
                        pull={pull}
                        ground={{ ...ground, axis }}
                        gauges={{ choices, chosen }}
                        units={units}
                        said={saidOf(string, pitch, figures, at.change, units)}
                        locked={locked}
                        on={{
                            choose,
                            key: laneKeys({ position, step, stepPitch, onMove }),
                            focus: () => select(position),
                            drag: { onStart: beginGesture, onEnd: endGesture, onDrop: dropGesture },
                        }}
                    />
                )}
            </div>
            <LaneFigures
                lane={props}
                of={{ string, choices, change: at.change, figures, error, locked, selected }}
                takeTension={takeTension}
                step={step}
                tell={setProblem}
            />
        </div>
    );
});

interface Keys extends Pick<LaneProps, 'position' | 'onMove'> {
    step: (direction: -1 | 1) => void;
    stepPitch: (semitones: number) => void;
}

/** What the keys do on a lane, pressed alone. */
function laneKeys({ position, step, stepPitch, onMove }: Keys) {
    const acts: Record<string, () => void> = {
        ArrowLeft: () => step(-1),
        ArrowRight: () => step(1),
        ArrowUp: () => onMove(position, -1),
        ArrowDown: () => onMove(position, 1),
        PageUp: () => stepPitch(1),
        PageDown: () => stepPitch(-1),
    };
    return (event: KeyboardEvent) => {
        const action = event.ctrlKey || event.metaKey || event.altKey || event.shiftKey ? undefined : acts[event.key];
        if (action !== undefined) {
            event.preventDefault();
            action();
        }
    };
}

/** How it pulls: until the answer is there, a gauge of the pool already stands where the last answer says. */
function pullOf(
    string: StringOfSet,
    choices: Choice[],
    evaluated: EvaluatedString,
    at: EvaluatedString['tunings'][number],
    target: TargetBand | undefined,
): { chosen: Choice | undefined; pull: Pull } {
    const chosen = chosenAmong(choices, string);
    const answered = chosen === undefined || sameType(typeOf(chosen), typeOf(evaluated));
    const tensionN = answered ? at.tension_n : chosen.tensionN;
    const all = evaluated.tunings.map((each) => each.tension_n);
    return {
        chosen,
        pull: {
            tensionN,
            ...pullFrom(at, tensionN),
            spanN: all.length > 1 && answered ? [Math.min(...all), Math.max(...all)] : null,
            change: at.change,
            target,
        },
    };
}

/** What is said of it to who does not see it. */
function saidOf(string: StringOfSet, pitch: string, figures: string, change: Change | undefined, units: Units) {
    const gauge = `${formatGauge(gaugeInches(typeOf(string)), units)} ${CONSTRUCTIONS[string.construction]}`;
    return {
        label: `Gauge of string ${string.position}, ${pitchLabel(pitch)}`,
        value: `${gauge}, ${figures}${change === undefined ? '' : `, ${formatShare(change.share)}, ${change.words}`}`,
    };
}
