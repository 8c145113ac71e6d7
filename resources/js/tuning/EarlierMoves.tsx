import { dateWords } from '../units/times';
import { fixed } from '../units/figures';
import { fineLength } from '../units/units';
import { useUnits } from '../units/useUnits';
import { pitchLabel } from '../units/pitch';
import { wayWords } from './reads';
import { Explained } from '../ui/Explained';
import type { KeptMoves } from '../generated/views';

/** Where the saddles of this instrument were found and left before, the last time first. */
export function EarlierMoves({ earlier }: { earlier: KeptMoves[] }) {
    const units = useUnits();
    return (
        <section aria-labelledby="earlier" className="mt-8 max-w-3xl">
            <h2 id="earlier" className="border-b border-ink pb-1 text-xl font-bold">
                <Explained word="intonation">Earlier on this instrument</Explained>
            </h2>
            {earlier.length === 0 && (
                <p className="mt-2 text-ink-soft">Nothing was kept yet. Each time it is, every move stands here with its day.</p>
            )}
            {earlier.map(({ at, set, tuning, strings }) => (
                <details key={at} open={at === earlier[0]?.at} className="border-b border-rule py-2">
                    <summary className="cursor-pointer">
                        <span className="font-semibold">{dateWords(at)}</span>, {set}
                        {tuning === '' ? '' : `, ${tuning}`}
                    </summary>
                    <ul className="mt-1 grid gap-x-8 sm:grid-cols-2">
                        {strings.map((string) => (
                            <li key={string.position} className="flex gap-2">
                                <span className="w-14 shrink-0 font-semibold">
                                    {string.position} {pitchLabel(string.pitch)}
                                </span>
                                <span>
                                    {string.moved_mm === 0
                                        ? 'left where it stood'
                                        : `${fineLength(Math.abs(string.moved_mm), units, 1)} ${wayWords(string.moved_mm)}`}
                                    , at {fineLength(string.setback_mm, units, 1)}
                                    {string.left_cents !== null && (
                                        <span className="text-ink-soft">
                                            {' '}
                                            ({string.found_cents !== null && `${centsWords(string.found_cents)}, then `}
                                            {centsWords(string.left_cents)})
                                        </span>
                                    )}
                                </span>
                            </li>
                        ))}
                    </ul>
                </details>
            ))}
        </section>
    );
}

function centsWords(cents: number): string {
    return Math.abs(cents) < 0.05 ? 'true' : `${fixed(Math.abs(cents), 1)} cents ${cents > 0 ? 'sharp' : 'flat'}`;
}
