import { useState, type ReactNode } from 'react';
import type { EvaluatedString, Evaluation, Interval, StringAtPitch, StringOfSet, PoolGauge } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { MATERIALS } from '../../generated/words';
import { rangeOf } from '../../units/interval';
import { gaugeInches, typeOf } from '../../units/stringType';
import {
    fineLength,
    formatGauge,
    formatLength,
    formatShare,
    formatTension,
    formatTensionChange,
    MM_PER_INCH,
    tensionIn,
    type Units,
} from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { fieldClass } from '../../ui/classes';
import { Explained } from '../../ui/Explained';
import { Field } from '../../ui/Field';
import { useBench } from '../design/benchStore';
import * as edits from '../design/edits';
import { useCheckedEdit } from '../design/useCheckedEdit';
import type { Gauge, Made } from '../../units/typed';
import { useTypedSet } from '../design/useTypedSet';
import { GaugeInput } from '../lanes/GaugeInput';
import { allowed, choicesFor, inTuning, neighbour, type Choice } from '../lanes/gauges';
import { AimWords } from './AimWords';
import { CoreFields } from './CoreFields';
import { EndFields } from './EndFields';
import { FamilyFields } from './FamilyFields';
import { WhyBars } from './WhyBars';

/** The selected string: what it is, one step either way, and where its figure comes from. */
export function StringPanel({ evaluation, current }: { evaluation: Evaluation; current: boolean }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const selected = useBench((state) => Math.min(state.selected, state.document.strings.length));
    const string = edits.stringAt(document, selected);
    const evaluated = evaluation.strings[selected - 1];
    const at = evaluated && inTuning(evaluated.tunings, tuning);
    if (string === undefined || evaluated === undefined || at === undefined) {
        return null;
    }
    const pool = evaluation.pool ?? [];
    const aim = evaluation.targets?.[selected - 1];
    const locked = string.hold === 'locked';

    return (
        <aside
            aria-label={`String ${selected}`}
            className="w-[19.5rem] shrink-0 border-l border-rule px-5 pt-4 pb-6 max-lg:w-auto max-lg:border-t max-lg:border-l-0 max-lg:px-4 sm:max-lg:px-7 lg:sticky lg:top-0 lg:h-[calc(100dvh-3.25rem-1px)] lg:self-start lg:overflow-y-auto"
        >
            <div className="max-lg:grid max-lg:grid-cols-2 max-lg:gap-x-8 max-sm:block">
                <div>
                    <Pull selected={selected} at={at} units={units} />
                    <div className="mt-3 grid grid-cols-[6.5rem_1fr] gap-x-3 gap-y-2">
                        <GaugeOf key={selected} string={string} position={selected} pool={pool} />
                        <FamilyFields
                            position={selected}
                            construction={string.construction}
                            material={string.material}
                            only={string.only}
                            locked={locked}
                        />
                    </div>
                    {at.why && (
                        <Section title="Why it changed" word="change">
                            <WhyBars why={at.why} />
                        </Section>
                    )}
                </div>
                <div>
                    <Section title="One step either way" word="gauge">
                        <Steps string={string} evaluated={evaluated} at={at} pool={pool} tuning={tuning} />
                    </Section>
                    {aim !== undefined && (
                        <Section title="What it aims at" word="target">
                            <AimWords aim={aim} units={units} />
                        </Section>
                    )}
                    {at.break_share !== null && (
                        <Section title="Feel and limits here" word="breaking load">
                            <Figures at={at} before={evaluation.baseline?.strings[selected - 1]?.tunings[0]} units={units} />
                        </Section>
                    )}
                    <Section title="How it is held" word="ball end">
                        <EndFields
                            key={selected}
                            position={selected}
                            end={string.end}
                            lengthMm={string.length_mm}
                            several={document.strings.length > 1}
                        />
                    </Section>
                    <Section title="Where the number comes from" word="linear density">
                        <Provenance string={evaluated} units={units} dim={!current} />
                        {string.construction !== 'plain' && string.wraps === undefined && (
                            <CoreFields key={selected} position={selected} core={string.core} material={string.material} />
                        )}
                    </Section>
                </div>
            </div>
        </aside>
    );
}

function GaugeField({
    id,
    ...rest
}: {
    id?: string;
    inches: number;
    locked: boolean;
    onType: (gauge: Gauge, made: Made | null) => void;
    onSet: (typed: string) => Promise<void>;
    onProblem: (message: string | null) => void;
}) {
    return <GaugeInput {...rest} {...(id === undefined ? {} : { id })} label="Gauge" className={fieldClass} />;
}

/** @param word what is explained where its title is pressed */
function Section({ title, word, children }: { title: string; word: string; children: ReactNode }) {
    return (
        <section className="mt-4 max-lg:mt-3">
            <h3 className="mb-1 font-bold">
                <Explained word={word}>{title}</Explained>
            </h3>
            {children}
        </section>
    );
}

/** How it bends, starts and holds, and how far its pitch can go. */
function Figures({ at, before, units }: { at: StringAtPitch; before: StringAtPitch | undefined; units: Units }) {
    const bend = at.whole_tone_bend_12;
    const force = (newtons: number) => `${tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1)} ${units.tension}`;
    const sharpness = (cents: Interval) => rangeOf(cents, (value) => `${value.toFixed(0)} cents`).replace(/^1 cents$/, '1 cent');
    const rows: [string, string | null][] = [
        [
            'tone bend, fret 12',
            bend === null ? 'out of reach' : rangeOf(bend.displacement_mm, (mm) => formatLength(Math.round(mm), units)),
        ],
        ['pushed with', bend === null ? null : rangeOf(bend.force_n, force)],
        [
            'hard attack, sharp',
            at.attack_cents === null
                ? null
                : `${sharpness(at.attack_cents.start.hard)}${before?.attack_cents ? `, was ${before.attack_cents.start.hard.estimate.toFixed(0)}` : ''}`,
        ],
        ['a moment later', at.attack_cents === null ? null : sharpness(at.attack_cents.after.hard)],
        [
            'of its breaking load',
            at.break_share === null ? null : rangeOf(at.break_share, (share) => `${Math.round(share * 100)} %`),
        ],
        ['highest safe pitch', safePitches(at)],
        ['lowest that holds', at.lowest_holding_pitch === null ? null : pitchLabel(at.lowest_holding_pitch)],
        [
            'saddle setback',
            at.saddle_setback_mm === null
                ? null
                : at.saddle_to_be_measured
                  ? 'measure it'
                  : rangeOf(at.saddle_setback_mm, (mm) => fineLength(mm, units, 1)),
        ],
    ];
    return (
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
            {rows.map(
                ([what, figure]) =>
                    figure !== null && (
                        <div key={what} className="contents">
                            <dt className="whitespace-nowrap text-ink-soft">{what}</dt>
                            <dd className="text-right font-semibold">{figure}</dd>
                        </div>
                    ),
            )}
        </dl>
    );
}

/** How high it can go: one pitch, or from the one of the thinnest core it may have to the one of the thickest. */
function safePitches({ highest_safe_pitch: safe }: StringAtPitch): string | null {
    if (safe === null || safe.low === null || safe.high === null) {
        return null;
    }
    return safe.low === safe.high ? pitchLabel(safe.low) : `${pitchLabel(safe.low)} to ${pitchLabel(safe.high)}`;
}

const SOURCES: Record<EvaluatedString['density']['source'], string> = {
    modelled: 'Modelled',
    supplied: 'From a supplier’s list',
    measured: 'Measured',
};

function Provenance({ string, units, dim }: { string: EvaluatedString; units: Units; dim: boolean }) {
    const { density } = string;
    const tolerance = ((density.high - density.low) / 2 / density.kg_per_m) * 100;
    const core =
        string.construction === 'plain' || string.core_diameter_mm === null
            ? ''
            : `, core ${formatGauge(string.core_diameter_mm / MM_PER_INCH, units)}, ${MATERIALS[string.material]} wrap`;
    return (
        <div className={dim ? 'text-ink-faint' : 'text-ink-soft'}>
            <p>
                {SOURCES[density.source]}
                {core}. {(density.kg_per_m * 1000).toPrecision(3)} g/m {density.state === 'rest' ? 'slack' : 'at pitch'}, within{' '}
                {tolerance.toFixed(tolerance < 1 ? 1 : 0)} %.
            </p>
            <p>Speaking length {formatLength(string.speaking_length_mm, units)}.</p>
            {string.core_known === false && (
                <p>
                    Its core is looked up by the gauge: what hangs on it is given as a range. One calliper reading of a bared core
                    narrows it.
                </p>
            )}
            {density.correction !== undefined ? (
                <p>
                    Corrected by {formatShare(density.correction.factor - 1)} from {density.correction.samples} measured sample
                    {density.correction.samples === 1 ? '' : 's'} of its family.
                </p>
            ) : (
                density.source === 'modelled' && string.construction !== 'plain' && <p>Weigh one to sharpen it.</p>
            )}
        </div>
    );
}

/** How it pulls, and how sure that is. */
function Pull({ selected, at, units }: { selected: number; at: StringAtPitch; units: Units }) {
    return (
        <>
            <h2 className="text-lg font-bold">
                String {selected}, {pitchLabel(at.pitch)}
            </h2>
            <p className="mt-0.5">
                <span className="text-[1.6rem] leading-tight font-bold">
                    {formatTension(at.tension_n, at.tension_low_n, at.tension_high_n, units)}
                </span>{' '}
                {at.change && (
                    <span className="ml-1 text-ink-soft">
                        {formatTensionChange(at.change.tension_n, at.tension_low_n, at.tension_high_n, units)}, {at.change.words}
                    </span>
                )}
            </p>
            <p className="text-sm text-ink-faint">
                between {formatTension(at.tension_low_n, at.tension_low_n, at.tension_high_n, units)} and{' '}
                {formatTension(at.tension_high_n, at.tension_low_n, at.tension_high_n, units)}, 95 times in 100
            </p>
        </>
    );
}

/** Its gauge, to type another. */
function GaugeOf({ string, position, pool }: { string: StringOfSet; position: number; pool: PoolGauge[] }) {
    const units = useUnits();
    const checkedEdit = useCheckedEdit();
    const typedSet = useTypedSet();
    const [problem, setProblem] = useState<string | null>(null);
    return (
        <Field label={units.gauge === 'mm' ? 'Gauge, mm' : 'Gauge, thou'} error={problem ?? undefined}>
            <GaugeField
                inches={gaugeInches(typeOf(string))}
                locked={string.hold === 'locked'}
                onType={(value, made) =>
                    void checkedEdit(edits.typedGauge(position, value, made, pool)).then((refusal) =>
                        setProblem(refusal?.message ?? null),
                    )
                }
                onSet={(typed) => typedSet(typed).then((message) => setProblem(message))}
                onProblem={setProblem}
            />
        </Field>
    );
}

interface StepsProps {
    string: StringOfSet;
    evaluated: EvaluatedString;
    at: StringAtPitch;
    pool: PoolGauge[];
    tuning: number;
}

/** The present gauge between the next lighter and the next heavier. */
function Steps({ string, evaluated, at, pool, tuning }: StepsProps) {
    const units = useUnits();
    const edit = useBench((state) => state.edit);
    const choices = choicesFor(pool, evaluated.pool_tensions_n ?? [], tuning).filter((choice) => allowed(choice, string.only));
    const steps = [neighbour(choices, string, -1), null, neighbour(choices, string, 1)];
    const baselineN = at.change?.baseline_n;
    const locked = string.hold === 'locked';
    const take = (choice: Choice) => edit(edits.chosenGauge(evaluated.position, choice));
    return (
        <table className="w-full">
            <caption className="sr-only">The present gauge, the next lighter and the next heavier</caption>
            <tbody>
                {steps.map((step, index) => {
                    const present = index === 1;
                    const tensionN = present ? at.tension_n : step?.tensionN;
                    const inches = present ? gaugeInches(typeOf(string)) : step?.gauge_in;
                    return (
                        <tr key={index} className={present ? 'bg-accent-wash font-bold' : ''}>
                            <th scope="row" className="py-1 pl-2 text-left font-[inherit]">
                                {inches === undefined ? '–' : formatGauge(inches, units)}
                            </th>
                            <td className="py-1 text-right">
                                {tensionN === undefined
                                    ? 'none in the pool'
                                    : formatTension(
                                          tensionN,
                                          tensionN * (at.tension_low_n / at.tension_n),
                                          tensionN * (at.tension_high_n / at.tension_n),
                                          units,
                                      )}
                            </td>
                            <td className="py-1 text-right font-normal text-ink-soft">
                                {tensionN !== undefined && baselineN !== undefined && formatShare(tensionN / baselineN - 1)}
                            </td>
                            <td className="w-14 py-0.5 pr-1 text-right">
                                {!present && step != null && !locked && (
                                    <button
                                        type="button"
                                        className="rounded-mark px-1.5 py-0.5 font-normal text-accent hover:bg-accent-wash"
                                        aria-label={`Take ${formatGauge(step.gauge_in, units)}, ${index === 0 ? 'lighter' : 'heavier'}`}
                                        onClick={() => take(step)}
                                    >
                                        take
                                    </button>
                                )}
                            </td>
                        </tr>
                    );
                })}
            </tbody>
        </table>
    );
}
