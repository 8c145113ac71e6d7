import type { BridgeMove } from '../generated/formats';
import { fixed } from '../units/figures';
import { fineLength } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { canBeMeant, wayWords } from './reads';

interface Props {
    bridge: BridgeMove;
    /** Whether it can be moved by hand. */
    loose: boolean;
    /** How many strings were read of how many. */
    read: number;
    strings: number;
    busy: boolean;
    onMoved: () => void;
}

/** A bridge that is one piece: one place, one slant, and what these leave. */
export function BridgePanel({ bridge, loose, read, strings, busy, onMoved }: Props) {
    const units = useUnits();
    const { first_mm: first, last_mm: last } = bridge;
    const left = bridge.strings.flatMap(({ position, left_cents: cents }) => (cents === null ? [] : [{ position, cents }]));
    const worst = left.reduce((most, each) => (Math.abs(each.cents) > Math.abs(most.cents) ? each : most), {
        position: 0,
        cents: 0,
    });
    const move = (mm: number) =>
        Math.abs(mm) < 0.05 ? (
            'not at all'
        ) : (
            <>
                <span data-figure="key" className="text-[44px] leading-tight font-extrabold tracking-tight whitespace-nowrap">
                    {fineLength(Math.abs(mm), units, 1)}
                </span>{' '}
                {wayWords(mm)}
            </>
        );
    if (!bridge.worth_it) {
        return <p className="text-xl">The bridge stands as near as these readings can tell{worstWords(worst)}: leave it.</p>;
    }
    const meant = canBeMeant(first, true) && canBeMeant(last, true);
    return (
        <div>
            {!meant && (
                <p role="alert" className="mb-2 border-l-4 border-l-caution pl-3 text-lg text-caution">
                    No bridge that stood near its place is so far off. Was each stopped twelve frets above where it starts, and is
                    none an octave away? Read once more before anything is moved.
                </p>
            )}
            <p className="text-xl">
                {loose ? 'Move the bridge, at' : 'The saddle should stand, at'} string 1 {move(first)}
                {bridge.slants ? (
                    <>
                        , at string {strings} {move(last)}.
                    </>
                ) : (
                    '; read one on the other side, too, for its slant.'
                )}
            </p>
            {left.length > 1 && (
                <p className="mt-1 text-lg text-ink-soft">
                    {read < strings && `From ${read} of ${strings} strings. `}
                    That leaves at the 12th, in cents:{' '}
                    {left.map(({ position, cents }) => `string ${position} ${leftWords(cents)}`).join(', ')}.
                </p>
            )}
            {loose ? (
                <>
                    <p className="mt-1 text-lg text-ink-soft">
                        Slacken all a little, move its feet, not its top, and tune again. Then check: the harmonic at the 12th and
                        the stopped note must agree on the first and the last string.
                    </p>
                    <Button large look={meant ? 'strong' : 'plain'} className="mt-3" disabled={busy} onClick={onMoved}>
                        {meant ? 'Moved: read them again' : 'It is meant: moved, read them again'}
                    </Button>
                </>
            ) : (
                <p className="mt-1 text-lg text-ink-soft">
                    A glued bridge stays where it is. How much of this the top of its saddle can take, or a nut that is moved, is
                    for a qualified repairer; other strings may need less of it: see the Bench.
                </p>
            )}
        </div>
    );
}

function leftWords(cents: number): string {
    return Math.abs(cents) < 0.05 ? 'true' : `${fixed(Math.abs(cents), 1)} ${cents < 0 ? 'flat' : 'sharp'}`;
}

function centsLeft(cents: number): string {
    return `${fixed(Math.abs(cents), 1)} cents ${cents < 0 ? 'flat' : 'sharp'}`;
}

function worstWords({ position, cents }: { position: number; cents: number }): string {
    return position === 0 || Math.abs(cents) < 0.5 ? '' : `, string ${position} the furthest at ${centsLeft(cents)}`;
}
