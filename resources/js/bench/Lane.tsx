import { Glyph } from '../ui/Glyph';
import { clsx } from 'clsx';
import { memo, useMemo, useState, type KeyboardEvent } from 'react';
import type { Refused } from '../lib/api';
import type { Evaluation } from '../lib/formats';
import { pitchLabel, stepped, type PitchLadder } from '../lib/pitch';
import { CONSTRUCTIONS } from '../lib/strings';
import { formatGauge, formatShare, formatTension, useUnits } from '../lib/units';
import type { Axis } from './axis';
import { useBench, useBenchActions } from './benchStore';
import * as edits from './edits';
import { SeverityMark } from './Findings';
import { GaugeInput } from './GaugeInput';
import { choicesFor, chosenAmong, gaugeInches, inTuning, neighbour, type Choice } from './gauges';
import { LANE_COLUMNS } from './laneColumns';
import { LaneDrawing } from './LaneDrawing';
import { PitchControl, StepButton } from './PitchControl';

interface Props {
    position: number;
    evaluation: Evaluation;
    current: boolean;
    refused: Refused | null;
    /** None until the page is laid out. */
    axis: Axis | null;
    thicknessScale: number;
    ladder: PitchLadder;
    onMove: (from: number, direction: -1 | 1) => void;
}

/** One string: its pitch, itself on the tension axis, its gauge and what that comes to. */
export const Lane = memo(function Lane({ position, evaluation, current, refused, axis, thicknessScale, ladder, onMove }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const selected = useBench((state) => state.selected === position);
    const { edit, select, beginGesture, endGesture } = useBenchActions();
    const [problem, setProblem] = useState<string | null>(null);

    const choices = useMemo(() => choicesFor(evaluation, position, tuning), [evaluation, position, tuning]);
    const index = document.strings.findIndex((string) => string.position === position);
    const string = document.strings[index];
    const evaluated = evaluation.strings[position - 1];
    const at = evaluated && inTuning(evaluated.tunings, tuning);
    const pitch = document.tunings[tuning]?.pitches[position - 1];
    if (string === undefined || evaluated === undefined || at === undefined || pitch === undefined) {
        return null;
    }

    const chosen = chosenAmong(choices, string);
    // Until the answer is there, a gauge of the pool already stands where the last answer says it pulls.
    const ahead =
        !current && chosen !== undefined && Math.abs(chosen.gauge_in - evaluated.gauge_in) > 1e-7 ? chosen.tensionN : null;
    const tensionN = ahead ?? at.tension_n;
    const ratio = tensionN / at.tension_n;
    const [lowN, highN] = [at.tension_low_n * ratio, at.tension_high_n * ratio];
    const all = evaluated.tunings.map((each) => each.tension_n);
    const change = at.change;

    const pitchError = refused?.at(`/tunings/${tuning}/pitches/${position - 1}`)?.message;
    const error = problem ?? refused?.at(`/strings/${index}`)?.message ?? pitchError;
    const figures = formatTension(tensionN, lowN, highN, units);
    const gaugeWords = `${formatGauge(gaugeInches(string), units)} ${CONSTRUCTIONS[string.construction]}`;
    const changeWords = change === undefined ? '' : `, ${formatShare(change.share)}, ${change.words}`;

    const gravest = evaluation.findings.find((finding) => finding.position === position && finding.severity !== 'note');

    const choose = (choice: Choice) => {
        setProblem(null);
        edit(edits.gauge(position, { gauge_in: choice.gauge_in }, choice.construction, choice.material));
    };
    const step = (direction: -1 | 1) => {
        const next = neighbour(choices, string, direction);
        if (next !== undefined) {
            choose(next);
        }
    };
    const stepPitch = (semitones: number) => {
        const next = stepped(ladder, at.note_number, semitones, pitch);
        if (next !== null) {
            edit(edits.pitch(tuning, position, next));
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
        const action = event.ctrlKey || event.metaKey || event.altKey ? undefined : act[event.key];
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
            <div className="text-[1.7rem] font-light text-ink-faint" aria-hidden>
                {position}
            </div>
            <PitchControl
                pitch={pitch}
                frequencyHz={pitchError === undefined ? at.frequency_hz : null}
                label={`Pitch of string ${position}`}
                error={pitchError}
                onType={(typed) => edit(edits.pitch(tuning, position, typed))}
                onStep={stepPitch}
                onFocus={() => select(position)}
            />
            <div className="min-h-[76px] min-w-0 max-sm:col-span-3 max-sm:row-start-2">
                {axis !== null && (
                    <LaneDrawing
                        string={string}
                        evaluated={evaluated}
                        tensionN={tensionN}
                        lowN={lowN}
                        highN={highN}
                        spanN={all.length > 1 && ahead === null ? [Math.min(...all), Math.max(...all)] : null}
                        change={change}
                        choices={choices}
                        chosen={chosen}
                        axis={axis}
                        thicknessScale={thicknessScale}
                        units={units}
                        label={`Gauge of string ${position}, ${pitchLabel(pitch)}`}
                        valueText={`${gaugeWords}, ${figures}${changeWords}`}
                        onChoose={choose}
                        onKey={onKey}
                        onFocus={() => select(position)}
                        onDragStart={beginGesture}
                        onDragEnd={endGesture}
                    />
                )}
            </div>
            <div className="pl-4 max-md:w-[8.5rem] max-md:pl-2 max-sm:w-[9.5rem]">
                <div className="flex items-baseline justify-between gap-2">
                    <div className="flex items-baseline">
                        <GaugeInput
                            inches={gaugeInches(string)}
                            label={`Gauge of string ${position}, typed`}
                            className="field-sizing-content min-h-[24px] max-w-[4.2rem] min-w-[26px] rounded-[2px] border-b border-transparent bg-transparent px-0.5 text-[1.08rem] font-bold hover:border-rule-strong focus:border-accent"
                            onType={(value) => edit(edits.gauge(position, value))}
                            onProblem={setProblem}
                            onFocus={() => select(position)}
                        />
                        <span className="ml-1 font-semibold">{CONSTRUCTIONS[string.construction]}</span>
                        {gravest !== undefined && (
                            <span className="ml-1.5 translate-y-0.5" title={gravest.message}>
                                <SeverityMark severity={gravest.severity} />
                            </span>
                        )}
                    </div>
                    <span
                        data-figure="tension"
                        className={clsx('text-[1.08rem] font-bold whitespace-nowrap', error !== undefined && 'text-ink-faint')}
                    >
                        {figures}
                    </span>
                </div>
                <div className="flex items-center justify-between gap-2 text-[0.86rem]">
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
                            disabled={neighbour(choices, string, -1) === undefined}
                        >
                            <Glyph sign="left" />
                        </StepButton>
                        <StepButton
                            label={`Gauge of string ${position}: next heavier`}
                            onClick={() => step(1)}
                            disabled={neighbour(choices, string, 1) === undefined}
                        >
                            <Glyph sign="right" />
                        </StepButton>
                    </div>
                )}
            </div>
        </div>
    );
});
