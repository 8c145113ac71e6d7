import type { PlannedString } from '../../generated/views';
import { pitchLabel } from '../../units/pitch';

/** All strings, or one that broke, or any few: what else is on stays, and gives the pitch. */
export function WhichStrings({
    strings,
    some,
    onChange,
}: {
    strings: PlannedString[];
    /** Their positions; none for all. */
    some: number[];
    onChange: (some: number[]) => void;
}) {
    const turned = (position: number) =>
        some.includes(position) ? some.filter((each) => each !== position) : [...some, position].sort((a, b) => a - b);
    const chip = (on: boolean) =>
        `min-h-11 min-w-11 rounded-mark border px-2.5 font-semibold ${on ? 'border-accent bg-accent-wash text-accent' : 'border-rule-strong bg-sheet hover:border-ink'}`;
    return (
        <fieldset className="min-w-0">
            <legend className="text-sm font-semibold">Which strings</legend>
            <div className="mt-1 flex flex-wrap gap-1.5">
                <button
                    type="button"
                    aria-pressed={some.length === 0}
                    className={chip(some.length === 0)}
                    onClick={() => onChange([])}
                >
                    all
                </button>
                {strings.map(({ position, pitch }) => (
                    <button
                        key={position}
                        type="button"
                        aria-label={`String ${position}, ${pitchLabel(pitch)}`}
                        aria-pressed={some.includes(position)}
                        className={chip(some.includes(position))}
                        onClick={() => {
                            const next = turned(position);
                            onChange(next.length === strings.length ? [] : next);
                        }}
                    >
                        {position}
                    </button>
                ))}
            </div>
            {some.length > 0 && <p className="mt-1 text-sm text-ink-soft">The others stay on, pull, and give the pitch.</p>}
        </fieldset>
    );
}
