import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask, failureWords } from '../../server/api';
import { whyNot } from '../../server/typed';
import type { Evaluation, PoolGauge, SetDocument, Baseline } from '../../generated/formats';
import type { PitchLadder } from '../../units/pitch';
import { formatForce, formatLength } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { useAsked } from '../../server/useAsked';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { SearchField } from '../../ui/SearchField';
import { TypedInput } from '../../ui/TypedInput';
import { useBench } from '../design/benchStore';
import { question } from '../design/question';
import { anythingSaid, baselineOf, MOST_SEMITONES, said, tryingOf, type Trying } from './trying';
import { dateWords } from '../../units/times';
import type { OnItNow } from '../../generated/views';
import { TryingTable } from './TryingTable';
import { apiBenchEvaluations } from '../../generated/addresses/places';
import { setsExport } from '../../generated/addresses/sets';
import type { Edit } from '../design/edits';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    ladder: PitchLadder;
    onIt: OnItNow | null;
    /** The gauges there are. */
    pool: PoolGauge[];
}

/** Finds what feels right: known strings, tuned up and down until each does. */
export function BaselineDialog({ open, onOpenChange, ladder, onIt, pool }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="What feels right now"
            description="Strings you know. Tune them up or down by semitones until they feel right, and say of each how it feels there."
            width="wider"
        >
            <FindBaseline ladder={ladder} onIt={onIt} pool={pool} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function FindBaseline({ ladder, onIt, pool, onDone }: Pick<Props, 'ladder' | 'onIt' | 'pool'> & { onDone: () => void }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const joined = useBench((state) => state.joined);
    const edit = useBench((state) => state.edit);
    const [trying, change] = useState<Trying>(() => tryingOf(document.baseline ?? onIt?.baseline ?? document));
    const [problem, setProblem] = useState<string | null>(null);
    // What was wrong is so no longer once something else is taken.
    const setTrying = (next: Trying) => {
        setProblem(null);
        change(next);
    };
    const baseline = baselineOf(trying, ladder);
    const { data, error, isFetching } = useAsked<Evaluation>(
        apiBenchEvaluations,
        baseline === null ? null : question(document, joined, { baseline }),
    );
    const wrong = problem ?? (baseline === null ? 'No pitch goes further that way.' : error?.message) ?? null;

    const takeFrom = async (id: number) => {
        try {
            setTrying(tryingOf(await ask<SetDocument>(setsExport(id))));
        } catch (failure) {
            setProblem(failureWords(failure));
        }
    };
    const slide = (semitones: number) =>
        setTrying({ ...trying, semitones: Math.max(-MOST_SEMITONES, Math.min(MOST_SEMITONES, semitones)) });
    const positions = trying.strings.map((_, index) => index + 1);

    return (
        <div className="grid gap-x-7 gap-y-4 lg:grid-cols-[15rem_1fr]">
            <WhatIsKnown
                trying={trying}
                setTrying={setTrying}
                setProblem={setProblem}
                onIt={onIt}
                takeFrom={takeFrom}
                document={document}
            />
            <div className="min-w-0" aria-busy={isFetching}>
                <p role="status" className="sr-only">
                    {isFetching || wrong !== null || data?.baseline === undefined
                        ? ''
                        : `These pull ${formatForce(data.baseline.totals[0]?.tension_n ?? 0, units)} together.`}
                </p>
                <Slide semitones={trying.semitones} onSlide={slide} />
                {wrong !== null && (
                    <p role="alert" className="mb-2 text-stop">
                        {wrong}
                    </p>
                )}
                <TryingTable
                    trying={trying}
                    pitches={baseline?.tunings[0]?.pitches ?? trying.tuning.pitches}
                    evaluation={wrong === null ? data : undefined}
                    onTrying={setTrying}
                    onProblem={setProblem}
                    pool={pool}
                />
                <TakeIt
                    setTrying={setTrying}
                    trying={trying}
                    positions={positions}
                    wrong={wrong}
                    baseline={baseline}
                    edit={edit}
                    onDone={onDone}
                />
                <p className="mt-2 text-right text-sm text-ink-faint">
                    {!anythingSaid(trying)
                        ? 'Nothing said yet: what they pull as tuned now is what feels right.'
                        : 'What was said moves what feels right, and how wide it is.'}
                </p>
            </div>
        </div>
    );
}

interface ScaleProps {
    trying: Trying;
    onTrying: (trying: Trying) => void;
    onProblem: (problem: string) => void;
}

function ScaleField({ trying, onTrying, onProblem }: ScaleProps) {
    const units = useUnits();
    const { scale } = trying.instrument;
    if (scale.type !== 'single') {
        return null;
    }
    return (
        <Field label="On a scale of">
            <TypedInput
                className={fieldClass}
                shown={formatLength(scale.length_mm, units)}
                onTake={(typed) => {
                    const length = readLength(typed, units);
                    if (length === null) {
                        void whyNot('length', typed).then(onProblem);
                    } else {
                        onTrying({ ...trying, instrument: { ...trying.instrument, scale: { ...scale, length_mm: length } } });
                    }
                }}
            />
        </Field>
    );
}

/** How far the strings are tuned from where they were. */
function Slide({ semitones, onSlide }: { semitones: number; onSlide: (semitones: number) => void }) {
    const words =
        semitones === 0
            ? 'as they were'
            : `${Math.abs(semitones)} semitone${Math.abs(semitones) === 1 ? '' : 's'} ${semitones < 0 ? 'down' : 'up'}`;
    return (
        <div className="mb-3 flex flex-wrap items-center gap-3">
            <Button aria-label="A semitone down" disabled={semitones <= -MOST_SEMITONES} onClick={() => onSlide(semitones - 1)}>
                −
            </Button>
            <input
                type="range"
                aria-label="Tuned by semitones"
                aria-valuetext={words}
                className="h-6 w-56 accent-(--accent)"
                min={-MOST_SEMITONES}
                max={MOST_SEMITONES}
                value={semitones}
                onChange={(event) => onSlide(Number(event.target.value))}
            />
            <Button aria-label="A semitone up" disabled={semitones >= MOST_SEMITONES} onClick={() => onSlide(semitones + 1)}>
                +
            </Button>
            <span className="font-semibold">{words}</span>
        </div>
    );
}

/** What is known of the set one is used to. */
function WhatIsKnown({
    trying,
    setTrying,
    setProblem,
    onIt,
    takeFrom,
    document,
}: {
    trying: Trying;
    setTrying: (next: Trying) => void;
    setProblem: Dispatch<SetStateAction<string | null>>;
    onIt: OnItNow | null;
    takeFrom: (id: number) => Promise<void>;
    document: SetDocument;
}) {
    return (
        <div className="grid content-start gap-x-7 gap-y-3 md:max-lg:grid-cols-2">
            <Field label="Which strings">
                <input
                    className={fieldClass}
                    value={trying.name}
                    maxLength={200}
                    onChange={(event) => setTrying({ ...trying, name: event.target.value })}
                />
            </Field>
            <ScaleField trying={trying} onTrying={setTrying} onProblem={setProblem} />
            {onIt !== null && (
                <div>
                    <Button
                        className="w-full"
                        onClick={() => {
                            setTrying(tryingOf(onIt.baseline));
                        }}
                    >
                        What is on it now
                    </Button>
                    <p className="mt-1 text-sm text-ink-soft">
                        {onIt.name}, since {dateWords(onIt.since)}
                        {onIt.felt === '' ? '' : `. It felt: ${onIt.felt}`}
                    </p>
                </div>
            )}
            <SearchField label="Take them from a set" pick={({ sets }) => sets} onTake={({ id }) => void takeFrom(id)} />
            <Button
                onClick={() => {
                    setTrying(tryingOf(document));
                }}
            >
                From this set as it stands
            </Button>
            <p className="text-sm text-ink-faint">
                Or type the gauges and pitches of the strings on the instrument now; a whole set, such as 10-46, into any gauge.
            </p>
        </div>
    );
}

/** To begin anew, or take it as it stands. */
function TakeIt({
    setTrying,
    trying,
    positions,
    wrong,
    baseline,
    edit,
    onDone,
}: {
    setTrying: (next: Trying) => void;
    trying: Trying;
    positions: number[];
    wrong: string | null;
    baseline: Baseline | null;
    edit: (edit: Edit) => void;
    onDone: () => void;
}) {
    return (
        <div className="mt-4 flex flex-wrap justify-end gap-2">
            <Button onClick={() => setTrying(said(trying, positions, 'right'))}>All feel right here</Button>
            <Button
                look="strong"
                disabled={wrong !== null || baseline === null}
                onClick={() => {
                    if (baseline !== null) {
                        edit((present) => ({ ...present, baseline }));
                        onDone();
                    }
                }}
            >
                Measure from these
            </Button>
        </div>
    );
}
