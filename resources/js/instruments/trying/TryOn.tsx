import { useState, type ReactNode, type Dispatch, type SetStateAction } from 'react';
import type { DrawnFit } from '../../generated/formats';
import { FIT_ASPECTS } from '../../generated/words';
import { useAsked } from '../../server/useAsked';
import { formatShare, tensionIn, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { NutDrawing } from '../drawings/NutDrawing';
import { PlanDrawing } from '../drawings/PlanDrawing';
import { PostsDrawing } from '../drawings/PostsDrawing';
import { SaddlesDrawing } from '../drawings/SaddlesDrawing';
import { SideDrawing } from '../drawings/SideDrawing';
import { FoundList } from './FoundList';
import { Explained } from '../../ui/Explained';
import { apiFits } from '../../generated/addresses/places';

/** Where each aspect is measured. */
const MEASURED_AT: { aspect: keyof typeof FIT_ASPECTS; group: string }[] = [
    { aspect: 'nut-slot', group: 'Nut' },
    { aspect: 'post-hole', group: 'Headstock and posts' },
    { aspect: 'nut-angle', group: 'Headstock and posts' },
    { aspect: 'saddle-travel', group: 'Bridge and saddle' },
    { aspect: 'saddle-angle', group: 'Bridge and saddle' },
];

interface Props {
    question: string | null;
    /** Whether its strings are cut no finer than a bass's are. */
    bass: boolean;
    /** Goes to where something is measured. */
    onMeasure: (group: string) => void;
}

/** A set on this instrument: drawn to scale, what is wrong marked where it is wrong. */
export function TryOn({ question, bass, onMeasure }: Props) {
    const [position, setPosition] = useState(1);
    const { data: fit, error, isPlaceholderData } = useAsked<DrawnFit>(apiFits, question);
    if (fit === undefined) {
        return (
            <p role={error === null ? undefined : 'alert'} className="py-6 text-ink-soft">
                {error === null ? 'Trying it on…' : error.message}
            </p>
        );
    }
    const chosen = Math.min(position, fit.strings.length);
    const unmeasured = MEASURED_AT.filter(({ aspect }) =>
        fit.checks.some((check) => check.aspect === aspect && check.fine === null),
    );
    return (
        <div aria-busy={isPlaceholderData} className="grid gap-6">
            {error !== null && (
                <p role="alert" className="text-stop">
                    {error.message}
                </p>
            )}
            <figure className="border-y border-rule py-1">
                <PlanDrawing fit={fit} position={chosen} onPosition={setPosition} />
                {fit.assumed.length > 0 && (
                    <figcaption className="text-sm text-ink-faint">
                        Not measured, drawn as it usually is: {fit.assumed.join(', ')}.
                    </figcaption>
                )}
            </figure>
            <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_24rem]">
                <Drawn fit={fit} bass={bass} chosen={chosen} setPosition={setPosition} />
                <div className="order-1 lg:order-2">
                    <section aria-label="What was found" aria-live="polite">
                        <h2 className="border-b border-ink pb-1 text-lg font-bold">What was found</h2>
                        <FoundList fit={fit} position={chosen} onPosition={setPosition} />
                    </section>
                    <Totals fit={fit} />
                    {unmeasured.length > 0 && (
                        <section aria-label="Not measured yet" className="mt-5">
                            <h2 className="border-b border-ink pb-1 text-lg font-bold">Not measured yet</h2>
                            <ul className="mt-1">
                                {unmeasured.map(({ aspect, group }) => (
                                    <li key={aspect}>
                                        <button
                                            type="button"
                                            className="min-h-target text-accent hover:underline"
                                            onClick={() => onMeasure(group)}
                                        >
                                            Measure the {FIT_ASPECTS[aspect].toLowerCase()}
                                        </button>
                                    </li>
                                ))}
                            </ul>
                        </section>
                    )}
                    <p className="mt-5 border-l-2 border-caution pl-3 text-sm text-ink-soft">
                        Slacken a string before it is cut, and keep an eye shield on. Nut filing, a truss rod that resists, a
                        lifting bridge or a cracked top go to a qualified repairer; local rules come first.
                    </p>
                </div>
            </div>
        </div>
    );
}

/** @param word what is explained where its name is pressed */
function Part({ name, word, tells, children }: { name: string; word: string; tells: string; children: ReactNode }) {
    return (
        <section aria-label={name}>
            <h2 className="mb-2 border-b border-ink pb-1 text-lg font-bold">
                <Explained word={word}>{name}</Explained> <span className="text-base font-normal text-ink-soft">{tells}</span>
            </h2>
            {children}
        </section>
    );
}

/** The whole pull against what it is used to and what it may bear. */
function Totals({ fit }: { fit: DrawnFit }) {
    const units = useUnits();
    return (
        <section aria-label="All strings together" className="mt-5">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">All strings together</h2>
            <table className="mt-1 w-full">
                <tbody>
                    {fit.totals.map((total, index) => (
                        <tr key={index}>
                            <th scope="row" className="py-1 pr-3 text-left font-normal">
                                {total.tuning}
                            </th>
                            <td className="py-1 text-right whitespace-nowrap">
                                <strong>{newtons(total.tension_n, units)}</strong>
                                {total.baseline_n !== null && ` (${formatShare(total.tension_n / total.baseline_n - 1)})`}
                            </td>
                        </tr>
                    ))}
                    <tr className="text-ink-soft">
                        <th scope="row" className="py-1 pr-3 text-left font-normal">
                            At most
                        </th>
                        <td className="py-1 text-right">
                            {fit.max_total_n === null ? 'not recorded' : newtons(fit.max_total_n, units)}
                        </td>
                    </tr>
                </tbody>
            </table>
        </section>
    );
}

function newtons(value: number, units: Units): string {
    return `${tensionIn(value, units).toFixed(0)} ${units.tension}`;
}

/** Where it lies, drawn from above and from the side. */
function Drawn({
    fit,
    bass,
    chosen,
    setPosition,
}: {
    fit: DrawnFit;
    bass: Props['bass'];
    chosen: number;
    setPosition: Dispatch<SetStateAction<number>>;
}) {
    return (
        <div className="order-2 grid content-start gap-6 lg:order-1">
            <Part name="Nut slots" word="nut" tells="each string in its slot">
                <NutDrawing fit={fit} />
            </Part>
            <Part name="Posts" word="post" tells="the turns that go on each, what to leave and where to cut">
                <PostsDrawing fit={fit} bass={bass} />
            </Part>
            <Part name="From the side" word="break angle" tells="how steeply one string leaves nut and saddle">
                <div role="group" aria-label="Which string" className="mb-2 flex flex-wrap gap-1">
                    {fit.strings.map((string) => (
                        <Button
                            key={string.position}
                            look={string.position === chosen ? 'strong' : 'plain'}
                            className="h-8 w-8 px-0"
                            aria-label={`String ${string.position}`}
                            aria-pressed={string.position === chosen}
                            onClick={() => setPosition(string.position)}
                        >
                            {string.position}
                        </Button>
                    ))}
                </div>
                <SideDrawing fit={fit} position={chosen} />
            </Part>
            <Part name="Saddles" word="setback" tells="how far behind the scale each will stand, and how far it can">
                <SaddlesDrawing fit={fit} />
            </Part>
        </div>
    );
}
