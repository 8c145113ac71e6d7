import { router } from '@inertiajs/react';
import { SOURCES, type Source } from '../devices/own';
import type { PracticeHidden } from '../generated/formats';
import type { IntonatePage } from '../generated/pages';
import { useClock } from '../server/useClock';
import { momentWords } from '../units/times';
import { fineLength, lengthFigure } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { BridgePanel } from './BridgePanel';
import { EarlierMoves } from './EarlierMoves';
import { FRET } from './reads';
import { Revealed } from './Revealed';
import { SaddleAnswer } from './SaddleAnswer';
import { SaddleLanes } from './SaddleLanes';
import { SaddleReading } from './SaddleReading';
import { useIntonation, type IntonationNow } from './useIntonation';

const MINUTE_MS = 60_000;
const MOVED = [
    { value: 'each', label: 'a saddle for each string' },
    { value: 'loose', label: 'a loose bridge, in one piece' },
    { value: 'fixed', label: 'nothing by hand: a glued bridge' },
] as const;

type Props = IntonatePage & { onKept?: () => void };

/** Each saddle moved once: open against the 12th fret, and from that how far, which way, how many turns of its screw. */
export function Intonation({ onKept = () => router.reload({ only: ['earlier', 'learned'] }), ...known }: Props) {
    const at = useIntonation(known, onKept);
    const problem = at.ear.problem ?? at.problem ?? at.error?.message;
    return (
        <div className="min-w-0">
            <Before known={known} at={at} />
            {problem != null && (
                <p role="alert" className="mt-3 border-l-4 border-l-stop pl-3 text-stop">
                    {problem}
                </p>
            )}
            <Saddles known={known} at={at} />
            {at.source !== 'practice' && (at.right.length > 0 || at.kept) && (
                <p className="mt-3 flex flex-wrap items-center gap-3">
                    <Button disabled={at.busy || at.kept} onClick={at.keep}>
                        Keep where {at.right.length === 1 ? `saddle ${at.right[0]?.position} stands` : 'these saddles stand'}
                    </Button>
                    <span role="status" className="text-ink-soft">
                        {at.kept ? `Kept with ${known.set.name}: the next time starts from there.` : ''}
                    </span>
                </p>
            )}
            <OneString known={known} at={at} />
            {at.source === 'practice' && at.practice.practice !== null && <InTune known={known} at={at} />}
            <EarlierMoves earlier={known.earlier} />
        </div>
    );
}

interface PartProps {
    known: IntonatePage;
    at: IntonationNow;
}

/** What comes before it, by what it is heard, and what moves. */
function Before({ known: { job }, at: { source, choose, saddles, setSaddles } }: PartProps) {
    const clock = useClock(MINUTE_MS);
    return (
        <>
            <p className="mt-3 max-w-prose text-ink-soft">
                Only once the strings hold.{' '}
                {saddles === 'each'
                    ? 'Slacken a string before its saddle’s screw is turned.'
                    : 'One piece: what is found is one place and one slant for all of it.'}{' '}
                Press as you play; the middle of three readings counts.
                {source === 'practice' && ' This is practice: nothing of it is kept.'}
            </p>
            {job !== null && source !== 'practice' && (job.holds_at === null || Date.parse(job.holds_at) > clock) && (
                <p className="mt-2 max-w-prose border-l-4 border-l-caution pl-3 text-caution">
                    {job.holds_at === null
                        ? 'Its new strings are not known to hold yet: the rounds in its job tell. What is read now will move.'
                        : `Its new strings hold ${momentWords(job.holds_at, clock)}. What is read before will move.`}
                </p>
            )}
            <div className="mt-4 flex flex-wrap gap-x-5 gap-y-3">
                <div className="w-72">
                    <Field label="Heard by">
                        <Select value={source} choices={SOURCES} onChange={(chosen) => choose(chosen as Source)} />
                    </Field>
                </div>
                <div className="w-72">
                    <Field label="What moves">
                        <Select
                            value={saddles}
                            choices={[...MOVED]}
                            onChange={(chosen) => setSaddles(chosen as typeof saddles)}
                        />
                    </Field>
                </div>
            </div>
        </>
    );
}

/** Where each saddle stands, and where it belongs. */
function Saddles({ known: { strings, learned }, at: { reads, saddles, moveOf, answerOf, current, setCurrent } }: PartProps) {
    return (
        <div className="mt-5">
            <SaddleLanes
                strings={strings.map((each, index) => ({
                    position: each.position,
                    pitch: each.pitch,
                    low: each.setback_mm?.low ?? 0,
                    estimate: each.setback_mm?.estimate ?? 0,
                    high: each.setback_mm?.high ?? 0,
                    now: (reads[index]?.nutToSaddle ?? each.scale_mm) - each.scale_mm,
                    move: moveOf(each.position),
                    own: saddles === 'each' ? null : (answerOf(each.position)?.move_mm ?? null),
                    travel: each.travel_mm,
                }))}
                current={current}
                onChoose={setCurrent}
            />
            <p className="mt-2 text-sm text-ink-soft">
                Bar: where it stands. Shaded: where it was foretold. Triangle: where it belongs.
                {saddles === 'each' ? ' Dashed: as far as it goes.' : ' Ring: where this string alone would have it.'}
                {learned !== null &&
                    ` Of ${learned.strings} found before, saddles of this instrument stood ${Math.round(100 * learned.share)} % of the way into what was foretold.`}
            </p>
        </div>
    );
}

/** One string: what is read of it, and what that says of its saddle or of the bridge. */
function OneString({ known: { strings }, at }: PartProps) {
    const { current, reads, saddles, busy, bridge, source, ear, listening, setListening, change } = at;
    const string = strings[current - 1];
    const read = reads[current - 1];
    if (string === undefined || read === undefined) {
        return null;
    }
    // What was measured is how far it goes behind the scale length.
    const left = string.travel_mm === null ? null : string.travel_mm - (read.nutToSaddle - string.scale_mm);
    const fret = FRET + string.starts_at_fret;
    return (
        <section
            aria-label={`String ${current}`}
            className="mt-5 grid gap-x-8 gap-y-4 border-t border-ink pt-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
        >
            <SaddleReading
                key={current}
                string={string}
                read={read}
                fret={fret}
                source={source}
                live={ear.live}
                listening={listening}
                onListen={setListening}
                busy={busy}
                onChange={(changed) => change(current, changed)}
                onPlay={at.play}
            />
            <div aria-live="polite">
                <SaddleAnswer
                    pitch={string.pitch}
                    fret={fret}
                    answer={at.answerOf(current)}
                    alone={saddles === 'each'}
                    left={left}
                    busy={busy}
                    onMoved={at.move}
                />
                {bridge !== null && (
                    <BridgePanel
                        bridge={bridge}
                        loose={saddles === 'loose'}
                        read={at.readings.length}
                        strings={strings.length}
                        busy={busy}
                        onMoved={at.move}
                    />
                )}
            </div>
        </section>
    );
}

/** Where the saddles of the simulated instrument stand in tune, once that is wanted. */
function InTune({ known: { strings }, at: { reads, practice } }: PartProps) {
    const units = useUnits();
    const words = (hidden: PracticeHidden) => {
        const away = hidden.strings.map(({ position, setback_mm: mm }, index) => ({
            position,
            mm: (reads[index]?.nutToSaddle ?? 0) - (strings[index]?.scale_mm ?? 0) - mm,
        }));
        const worst = away.reduce((most, each) => (Math.abs(each.mm) > Math.abs(most.mm) ? each : most));
        return `In tune its saddles stand ${hidden.strings.map(({ setback_mm: mm }) => lengthFigure(Number(mm.toFixed(2)), units)).join(', ')} ${units.length} behind the scale length, from string 1. Yours are within ${fineLength(Math.abs(worst.mm), units, 2)} of that, string ${worst.position} the furthest.`;
    };
    return <Revealed ask={() => practice.read(true)}>{words}</Revealed>;
}
