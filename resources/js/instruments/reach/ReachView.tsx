import { Explained } from '../../ui/Explained';
import { useState, type Dispatch, type SetStateAction } from 'react';
import type { Reach, ReachExtreme, StringReach, WholeReach, ReachFamily } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { CONSTRUCTIONS } from '../../generated/words';
import { familyWords } from '../../units/strings';
import { familyKey } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useAsked } from '../../server/useAsked';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { BOUNDS } from './chart';
import { gaugeWords, ReachChart } from './ReachChart';
import { apiReaches } from '../../generated/addresses/places';

/** Whether this instrument is a good candidate: how low and how high it can go with strings that can be bought. */
export function ReachView({ question }: { question: string | null }) {
    const units = useUnits();
    const [position, setPosition] = useState<number | null>(null);
    const [chosenFamily, setChosenFamily] = useState<string | null>(null);
    const { data: reach, error, isPlaceholderData } = useAsked<Reach>(apiReaches, question);
    if (reach === undefined) {
        return (
            <p role={error === null ? undefined : 'alert'} className="py-6 text-ink-soft">
                {error === null ? 'Working it out…' : error.message}
            </p>
        );
    }
    const string = reach.strings[(position ?? reach.strings.length) - 1] ?? reach.strings.at(-1);
    if (string === undefined) {
        return null;
    }
    const family =
        string.families.find((each) => familyKey(each) === chosenFamily) ??
        string.families.find((each) => familyKey(each) === familyKey(string.string)) ??
        string.families[0];
    return (
        <div aria-busy={isPlaceholderData} className="grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_26rem]">
            <OneString
                string={string}
                reach={reach}
                setPosition={setPosition}
                family={family}
                setChosenFamily={setChosenFamily}
                units={units}
            />
            <section aria-label="How low and how high" aria-live="polite">
                <h2 className="border-b border-ink pb-1 text-lg font-bold">
                    <Explained word="highest safe pitch">Read off</Explained>
                </h2>
                <p className="mt-2">{wholeWords(reach, 'down')}</p>
                <p className="mt-1">{wholeWords(reach, 'up')}</p>
                <table className="mt-4 w-full">
                    <caption className="sr-only">How low and how high each string can go, and with what</caption>
                    <thead>
                        <tr className="border-b border-ink text-left text-sm text-ink-soft">
                            <th className="py-1 pr-3 font-normal">String</th>
                            <th className="py-1 pr-3 font-normal">As low as</th>
                            <th className="py-1 font-normal">As high as</th>
                        </tr>
                    </thead>
                    <tbody>
                        {reach.strings.map((each) => (
                            <ReachRow key={each.position} string={each} units={units} />
                        ))}
                    </tbody>
                </table>
                <p className="mt-3 text-sm text-ink-soft">
                    In “{reach.tuning}”, the other strings as they are. Breaking figures are for new wire without kinks; what the
                    neck and the top bear a repairer knows better than any chart.
                </p>
            </section>
        </div>
    );
}

/** How far the whole tuning can go one way, and what stops it. */
export function wholeWords({ whole, tuning }: Reach, way: 'down' | 'up'): string {
    const found: WholeReach | null = whole[way];
    if (found === null) {
        return way === 'down' ? 'Some string has no gauge that is good at any pitch.' : '';
    }
    const steps = `${Math.abs(found.semitones)} semitone${Math.abs(found.semitones) === 1 ? '' : 's'}`;
    const stops = `string ${found.position} stops it: ${BOUNDS[found.bound].because} that`;
    if (found.semitones < 0) {
        return `“${tuning}” is ${steps} beyond what it can do going ${way}; ${stops}.`;
    }
    return found.semitones === 0
        ? `It can go no further ${way}; ${stops}.`
        : `The whole tuning can go ${steps} ${way}; ${stops}.`;
}

function ReachRow({ string, units }: { string: StringReach; units: Units }) {
    return (
        <tr className="border-b border-rule align-top">
            <td className="py-1.5 pr-3 whitespace-nowrap">
                <strong>{string.position}</strong> <span className="text-ink-soft">{pitchLabel(string.pitch)}</span>
            </td>
            <td className="py-1.5 pr-3">
                <Extreme extreme={string.lowest} units={units} />
            </td>
            <td className="py-1.5">
                <Extreme extreme={string.highest} units={units} />
            </td>
        </tr>
    );
}

function Extreme({ extreme, units }: { extreme: ReachExtreme | null; units: Units }) {
    return extreme === null ? (
        <span className="text-ink-soft">no gauge is good</span>
    ) : (
        <>
            <strong>{extreme.pitch === null ? `${extreme.frequency_hz.toFixed(0)} Hz` : pitchLabel(extreme.pitch)}</strong> with{' '}
            {formatGauge(extreme.gauge_in, units)} {CONSTRUCTIONS[extreme.construction]}
            <span className="block text-sm text-ink-soft">{BOUNDS[extreme.bound].because}</span>
        </>
    );
}

/** One string: its pitch against its gauge. */
function OneString({
    string,
    reach,
    setPosition,
    family,
    setChosenFamily,
    units,
}: {
    string: StringReach;
    reach: Reach;
    setPosition: Dispatch<SetStateAction<number | null>>;
    family: ReachFamily | undefined;
    setChosenFamily: Dispatch<SetStateAction<string | null>>;
    units: Units;
}) {
    return (
        <section aria-label="Pitch against gauge">
            <div className="mb-3 flex flex-wrap gap-3">
                <div className="w-44">
                    <Field label="String">
                        <Select
                            value={String(string.position)}
                            choices={reach.strings.map((each) => ({
                                value: String(each.position),
                                label: `${each.position}, ${pitchLabel(each.pitch)}`,
                            }))}
                            onChange={(value) => setPosition(Number(value))}
                        />
                    </Field>
                </div>
                {family !== undefined && (
                    <div className="w-72">
                        <Field label="Made as">
                            <Select
                                value={familyKey(family)}
                                choices={string.families.map((each) => ({
                                    value: familyKey(each),
                                    label: familyWords(each),
                                }))}
                                onChange={setChosenFamily}
                            />
                        </Field>
                    </div>
                )}
            </div>
            {family === undefined ? (
                <p>There are no gauges to try for it.</p>
            ) : (
                <>
                    <ReachChart string={string} family={family} />
                    <details className="mt-2">
                        <summary className="min-h-target cursor-pointer text-accent">Every gauge in words</summary>
                        <ul className="mt-1 columns-1 gap-8 text-sm xl:columns-2">
                            {family.gauges.map((gauge) => (
                                <li key={gauge.gauge_in} className="break-inside-avoid py-0.5">
                                    {gaugeWords(gauge, units)}
                                </li>
                            ))}
                        </ul>
                    </details>
                </>
            )}
        </section>
    );
}
