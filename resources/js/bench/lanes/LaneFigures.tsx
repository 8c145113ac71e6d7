import * as edits from '../design/edits';
import { clsx } from 'clsx';
import type { Change, StringOfSet, Finding, PoolGauge } from '../../generated/formats';
import { type Choice, neighbour } from './gauges';
import { useUnits } from '../../units/useUnits';
import { useBenchActions } from '../design/benchStore';
import { useCheckedEdit } from '../design/useCheckedEdit';
import { useTypedSet } from '../design/useTypedSet';
import { GaugeInput } from './GaugeInput';
import { gaugeInches, typeOf } from '../../units/stringType';
import { CONSTRUCTIONS } from '../../generated/words';
import { sentenceOf } from '../../units/sentences';
import { SeverityMark } from '../../ui/SeverityMark';
import { TensionInput } from './TensionInput';
import { formatShare } from '../../units/units';
import { StepButton } from './PitchControl';
import { Glyph } from '../../ui/Glyph';

/** What a lane gives to its figures. */
export interface OfLane {
    position: number;
    /** The gravest finding of this string that is more than a note. */
    finding: Finding | undefined;
    ground: { pool: PoolGauge[] };
    /** Whether its figures stand open under the selected lane; null where they stand elsewhere. */
    details: boolean | null;
    onDetails: (open: boolean) => void;
}

/** A string as it is drawn now. */
interface Drawn {
    string: StringOfSet;
    choices: Choice[];
    change: Change | undefined;
    /** What it pulls. */
    figures: string;
    error: string | undefined;
    locked: boolean;
    selected: boolean;
}

interface Props {
    lane: OfLane;
    of: Drawn;
    takeTension: (newtons: number) => void;
    step: (direction: -1 | 1) => void;
    tell: (problem: string | null) => void;
}

/** Its gauge and what it pulls, to type either, and how far that is from the baseline. */
export function LaneFigures({ lane, of, takeTension, step, tell }: Props) {
    const { position, finding, ground } = lane;
    const { string, change, figures, error, locked, selected } = of;
    const units = useUnits();
    const { select } = useBenchActions();
    const checkedEdit = useCheckedEdit();
    const typedSet = useTypedSet();
    return (
        <div className="pl-4 max-md:w-[8.5rem] max-md:pl-2 max-sm:w-[9.5rem]">
            <div className="flex items-baseline justify-between gap-2">
                <div className="flex items-baseline">
                    <GaugeInput
                        inches={gaugeInches(typeOf(string))}
                        label={`Gauge of string ${position}, typed`}
                        className="field-sizing-content min-h-target max-w-[4.2rem] min-w-[26px] rounded-mark border-b border-transparent bg-transparent px-0.5 text-[1.08rem] font-bold hover:border-rule-strong focus:border-accent"
                        onType={(value, made) =>
                            void checkedEdit(edits.typedGauge(position, value, made, ground.pool)).then((refusal) =>
                                tell(refusal?.message ?? null),
                            )
                        }
                        onSet={(typed) => typedSet(typed).then(tell)}
                        onProblem={tell}
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
                    onProblem={tell}
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
            {selected && error === undefined && <Steps lane={lane} of={of} step={step} />}
        </div>
    );
}

/** The next gauge either way, and the string's own figures where they stand elsewhere. */
function Steps({
    lane: { position, details, onDetails },
    of: { string, choices, locked },
    step,
}: Pick<Props, 'lane' | 'of' | 'step'>) {
    return (
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
    );
}
