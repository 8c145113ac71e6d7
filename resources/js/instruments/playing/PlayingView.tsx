import { useState } from 'react';
import type { DrawnFit, NeckSetup } from '../../generated/formats';
import { apiFits, instrumentsPlaying } from '../../generated/addresses/places';
import type { Playing } from '../../generated/views';
import { useAsked } from '../../server/useAsked';
import { Explained } from '../../ui/Explained';
import { ActionDrawing } from './ActionDrawing';
import { ActionPart, needsOf } from './ActionPart';
import { asked, FIRST_LOOK, type Hand, type Looked } from './asked';
import { HeardPart } from './HeardPart';
import { Looks } from './Looks';
import { NeckFigures } from './NeckFigures';
import { NeckMap } from './NeckMap';
import { reachOf } from './cents';
import { ReadingPart } from './ReadingPart';
import { useNeckReadings } from './useNeckReadings';
import { WarmthPart } from './WarmthPart';

/** How a set plays on its instrument before it is bought: in tune where, how low its strings may lie, what warmth does. */
export function PlayingView({
    question,
    set,
    instrument,
}: {
    question: string | null;
    set: number | null;
    instrument: number | null;
}) {
    const kept = useNeckReadings(set);
    const [looked, setLooked] = useState<Looked>(FIRST_LOOK);
    const [hand, setHand] = useState<Hand>('medium');
    const [position, setPosition] = useState<number | null>(null);
    const {
        data: plays,
        error,
        isPlaceholderData,
    } = useAsked<Playing>(instrumentsPlaying, question === null ? null : asked(question, looked, kept.readings, instrument));
    const { data: fit } = useAsked<DrawnFit>(apiFits, question);
    if (plays === undefined || fit === undefined) {
        return (
            <p role={error === null ? undefined : 'alert'} className="py-6 text-ink-soft">
                {error === null ? 'Working it out…' : error.message}
            </p>
        );
    }
    const needs = needsOf(plays, hand);
    const most = needs.reduce((high, each) => (each.mm > high.mm ? each : high), needs[0] ?? { position: 1, mm: 0, over: 0 });
    const drawn = position ?? most.position;
    const side = plays.sides.find((each) => each.position === drawn);
    const look = (change: Partial<Looked>) => setLooked((present) => ({ ...present, ...change }));
    return (
        <div aria-busy={isPlaceholderData} className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
            <section aria-label="In tune along the neck" className="min-w-0">
                <h2 className="border-b border-ink pb-1 text-lg font-bold">
                    <Explained word="intonation">In tune along the neck</Explained>
                </h2>
                {error !== null && (
                    <p role="alert" className="mt-2 text-stop">
                        {error.message}
                    </p>
                )}
                <Said lines={plays.frets} />
                {plays.neck.frets > 0 && <Looks looked={looked} onLook={look} plays={plays} />}
                <Maps plays={plays} fit={fit} />
                {side !== undefined && needs.length > 0 && (
                    <figure className="mt-4">
                        <ActionDrawing fit={fit} side={side} hand={hand} />
                        <figcaption className="text-sm text-ink-soft">
                            String {drawn} from the side, heights far larger than lengths: as it lies, and dashed as low as it
                            may.
                        </figcaption>
                    </figure>
                )}
                {plays.neck.frets > 0 && <NeckFigures neck={plays.neck} />}
                {set !== null && question !== null && looked.capo === 0 && (
                    <ReadingPart key={set} plays={plays} set={question} tuning={looked.tuning} kept={kept} />
                )}
            </section>
            <div className="grid content-start gap-6">
                <ActionPart
                    plays={plays}
                    position={drawn}
                    onPosition={setPosition}
                    hand={hand}
                    onHand={setHand}
                    looked={looked}
                    onLook={look}
                />
                <WarmthPart plays={plays} looked={looked} onLook={look} />
                <HeardPart plays={plays} set={question} tuning={looked.tuning} />
            </div>
        </div>
    );
}

/** What the map shows, in words, the worst first. */
function Said({ lines }: { lines: string[] }) {
    return (
        <div aria-live="polite" className="mt-2 grid gap-1">
            {lines.map((line, index) => (
                <p key={line} className={index === 0 ? 'font-semibold' : index > 2 ? 'text-sm text-ink-soft' : undefined}>
                    {line}
                </p>
            ))}
        </div>
    );
}

/** The neck as it will be, beside the set that is on it now, and all of it in figures. */
function Maps({ plays, fit }: { plays: Playing; fit: DrawnFit }) {
    const [beside, setBeside] = useState(false);
    const { before } = plays;
    const reach = reachOf([plays.neck, ...(before === null ? [] : [before])]);
    if (plays.neck.frets === 0) {
        return null;
    }
    return (
        <>
            <NeckMap
                fit={fit}
                neck={plays.neck}
                sides={plays.sides}
                reach={reach}
                label={`How far each fret is off, ${plays.frets[0] ?? ''}`}
            />
            <p className="text-sm text-ink-soft">
                Above its string a fret is sharp, below it flat; {reach} cents reach half way to the next. The bar is what it may
                be.
            </p>
            {before !== null && sameNeck(before, plays.neck) && (
                <>
                    <label className="mt-3 flex items-center gap-2">
                        <input type="checkbox" checked={beside} onChange={(event) => setBeside(event.target.checked)} />
                        Beside {plays.before_name === '' ? 'the set before' : `“${plays.before_name}”`}
                    </label>
                    {beside && (
                        <NeckMap
                            fit={fit}
                            neck={before}
                            sides={plays.sides}
                            reach={reach}
                            label="How far each fret is off with the set before"
                        />
                    )}
                </>
            )}
        </>
    );
}

/** Another neck cannot be drawn on this one. */
function sameNeck(before: NeckSetup, now: NeckSetup): boolean {
    return before.strings.length === now.strings.length && before.frets === now.frets;
}
