import { clsx } from 'clsx';
import type { Construction, Evaluation, PoolGauge, StringOfSet } from '../../generated/formats';
import { failureWords } from '../../server/api';
import { pitchLabel } from '../../units/pitch';
import type { Gauge, Made } from '../../units/typed';
import { CONSTRUCTIONS } from '../../generated/words';
import { materialsFor } from '../../units/strings';
import { gaugeInches, typeOf } from '../../units/stringType';
import { formatTension, tensionFigure, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { fieldClass } from '../../ui/classes';
import { Select } from '../../ui/Select';
import { TypedInput } from '../../ui/TypedInput';
import { pitchMeant } from '../design/pitchMeant';
import { familyOfTyped } from '../design/typedFamily';
import { readSet } from '../design/useTypedSet';
import { GaugeInput } from '../lanes/GaugeInput';
import { said, type Felt, type Trying } from './trying';
import { Sideways } from '../../ui/Sideways';

interface Props {
    trying: Trying;
    /** What sounds as the strings are tuned now. */
    pitches: string[];
    evaluation: Evaluation | undefined;
    onTrying: (trying: Trying) => void;
    onProblem: (message: string | null) => void;
    /** The gauges there are. */
    pool: PoolGauge[];
}

const WORDS: { felt: Felt; label: string }[] = [
    { felt: 'too-loose', label: 'too loose' },
    { felt: 'right', label: 'right' },
    { felt: 'too-tight', label: 'too tight' },
];

/** The strings being tried: what each is and pulls, how it feels here, and what that comes to. */
export function TryingTable({ trying, pitches, evaluation, onTrying, onProblem, pool }: Props) {
    const units = useUnits();
    const { retype, takeSet, change, takePitch } = useTrying({ onTrying, trying, pool, onProblem });
    return (
        <Sideways label="Strings tried">
            <table className="w-full">
                <thead>
                    <tr className="border-b border-ink text-left text-ink-soft [&>th]:px-2 [&>th]:py-1 [&>th]:font-normal">
                        <th>String</th>
                        <th>Gauge</th>
                        <th>Pitch</th>
                        <th className="text-right">Pulls</th>
                        <th>Feels</th>
                        <th className="text-right">Right, {units.tension}</th>
                    </tr>
                </thead>
                <tbody>
                    {trying.strings.map((string, index) => (
                        <TriedString
                            key={string.position}
                            evaluation={evaluation}
                            trying={trying}
                            retype={retype}
                            takeSet={takeSet}
                            onProblem={onProblem}
                            change={change}
                            pitches={pitches}
                            takePitch={takePitch}
                            units={units}
                            onTrying={onTrying}
                            string={string}
                            index={index}
                        />
                    ))}
                </tbody>
            </table>
        </Sideways>
    );
}

/** One string of the set that is tried, and how it feels. */
function TriedString({
    evaluation,
    trying,
    retype,
    takeSet,
    onProblem,
    change,
    pitches,
    takePitch,
    units,
    onTrying,
    string,
    index,
}: {
    evaluation: Props['evaluation'];
    trying: Props['trying'];
    retype: (string: StringOfSet, gauge: Gauge, made: Made | null) => void;
    takeSet: (typed: string) => Promise<void>;
    onProblem: Props['onProblem'];
    change: (position: number, changed: Partial<StringOfSet>) => void;
    pitches: Props['pitches'];
    takePitch: (typed: string, index: number) => Promise<void>;
    units: Units;
    onTrying: Props['onTrying'];
    string: StringOfSet;
    index: number;
}) {
    const pulls = evaluation?.baseline?.strings[index]?.tunings[0];
    const right = evaluation?.strings[index]?.tunings[0]?.change;
    const word = trying.felt[trying.semitones]?.[index] ?? '';
    return (
        <tr className="border-b border-rule [&>td]:px-2 [&>td]:py-1">
            <th scope="row" className="px-2 text-left font-semibold">
                {string.position}
            </th>
            <HowMade string={string} retype={retype} takeSet={takeSet} onProblem={onProblem} change={change} />
            <td>
                {trying.semitones === 0 ? (
                    <TypedInput
                        aria-label={`Pitch of string ${string.position} that feels right`}
                        className={clsx(fieldClass, 'w-16!')}
                        shown={pitchLabel(pitches[index] ?? '')}
                        spellCheck={false}
                        onTake={(typed) => typed !== '' && void takePitch(typed, index)}
                    />
                ) : (
                    <span className="px-2.5 font-semibold">{pitchLabel(pitches[index] ?? '')}</span>
                )}
            </td>
            <td className="text-right whitespace-nowrap">
                {pulls && formatTension(pulls.tension_n, pulls.tension_low_n, pulls.tension_high_n, units)}
            </td>
            <HowItFeels string={string} word={word} onTrying={onTrying} trying={trying} index={index} />
            <td className="text-right whitespace-nowrap text-ink-soft">
                {right &&
                    `${tensionFigure(right.same_low_n, right.same_low_n, right.same_low_n * 1.03, units)} to ${tensionFigure(right.same_high_n, right.same_high_n, right.same_high_n * 1.03, units)}`}
            </td>
        </tr>
    );
}

/** Its gauge and construction. */
function HowMade({
    string,
    retype,
    takeSet,
    onProblem,
    change,
}: {
    string: StringOfSet;
    retype: (string: StringOfSet, gauge: Gauge, made: Made | null) => void;
    takeSet: (typed: string) => Promise<void>;
    onProblem: Props['onProblem'];
    change: (position: number, changed: Partial<StringOfSet>) => void;
}) {
    return (
        <td>
            <div className="flex gap-1.5">
                <GaugeInput
                    inches={gaugeInches(typeOf(string))}
                    label={`Gauge of string ${string.position} that feels right`}
                    className={clsx(fieldClass, 'w-16!')}
                    onType={(gauge, made) => retype(string, gauge, made)}
                    onSet={takeSet}
                    onProblem={onProblem}
                />
                <div className="w-28">
                    <Select
                        label={`Construction of string ${string.position}`}
                        value={string.construction}
                        choices={Object.entries(CONSTRUCTIONS).map(([value, label]) => ({
                            value,
                            label,
                        }))}
                        onChange={(value) => {
                            const construction = value as Construction;
                            const materials = materialsFor(construction);
                            const material = materials.includes(string.material)
                                ? string.material
                                : (materials[0] ?? string.material);
                            change(string.position, { construction, material });
                        }}
                    />
                </div>
            </div>
        </td>
    );
}

/** What the hand says of it. */
function HowItFeels({
    string,
    word,
    onTrying,
    trying,
    index,
}: {
    string: StringOfSet;
    word: '' | 'too-loose' | 'right' | 'too-tight';
    onTrying: Props['onTrying'];
    trying: Props['trying'];
    index: number;
}) {
    return (
        <td>
            <div role="group" aria-label={`String ${string.position} feels`} className="flex">
                {WORDS.map(({ felt, label }) => (
                    <button
                        key={felt}
                        type="button"
                        aria-pressed={word === felt}
                        onClick={() => onTrying(said(trying, [index + 1], felt))}
                        className={clsx(
                            '-ml-px h-8 border px-2 text-sm whitespace-nowrap first:ml-0 first:rounded-l-[3px] last:rounded-r-[3px]',
                            word === felt
                                ? 'z-10 border-accent bg-accent font-semibold text-accent-ink'
                                : 'border-rule-strong hover:border-ink',
                        )}
                    >
                        {label}
                    </button>
                ))}
            </div>
        </td>
    );
}

/** What is tried otherwise: a gauge, all of them, a pitch. */
function useTrying({
    onTrying,
    trying,
    pool,
    onProblem,
}: {
    onTrying: Props['onTrying'];
    trying: Props['trying'];
    pool: Props['pool'];
    onProblem: Props['onProblem'];
}) {
    const change = (position: number, changed: Partial<StringOfSet>) =>
        onTrying({
            ...trying,
            strings: trying.strings.map((string) => (string.position === position ? { ...string, ...changed } : string)),
        });
    const retyped = (string: StringOfSet, changed: Partial<StringOfSet>): StringOfSet => {
        const { gauge_in: _in, gauge_mm: _mm, core: _core, wraps: _wraps, density: _density, ...rest } = string;
        return { ...rest, ...changed };
    };
    const retype = (string: StringOfSet, gauge: Gauge, made: Made | null) =>
        onTrying({
            ...trying,
            strings: trying.strings.map((each) =>
                each === string
                    ? retyped(string, { ...familyOfTyped(string, gauge, made, trying.strings, pool), ...gauge })
                    : each,
            ),
        });
    const takeSet = async (typed: string) => {
        try {
            const strings = await readSet(typed, trying.instrument.kind, trying.tuning.pitches);
            onTrying({
                ...trying,
                strings: trying.strings.map((each) =>
                    retyped(each, strings.find(({ position }) => position === each.position) ?? each),
                ),
            });
        } catch (failure) {
            onProblem(failureWords(failure));
        }
    };
    const takePitch = async (typed: string, index: number) => {
        const present = trying.tuning.pitches[index] ?? '';
        try {
            const pitch = await pitchMeant(typed, present, trying.tuning.a4_hz ?? 440);
            onTrying({
                ...trying,
                tuning: {
                    ...trying.tuning,
                    name: '',
                    pitches: trying.tuning.pitches.map((old, at) => (at === index ? pitch : old)),
                },
            });
        } catch (failure) {
            onProblem(failureWords(failure));
        }
    };
    return { retype, takeSet, change, takePitch };
}
