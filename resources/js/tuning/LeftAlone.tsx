import type { Retuning } from '../generated/formats';
import { Button } from '../ui/Button';
import { centsWords } from '../devices/tuner/heard';
import { TOLERANCE } from './round';

interface Props {
    positions: number[];
    left: ReadonlySet<number>;
    /** Those that stay within the tolerance if nobody touches them, where that is some and not all. */
    mayStay: number[];
    /** Where all will end. */
    after: Retuning['after'];
    onLeave: (position: number, alone: boolean) => void;
}

/** Which strings nobody turns in this round, and where they will end. */
export function LeftAlone({ positions, left, mayStay, after, onLeave }: Props) {
    return (
        <fieldset className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
            <legend className="float-left mr-3 text-sm text-ink-soft">Left alone</legend>
            {positions.map((each) => (
                <label key={each} className="flex min-h-target items-center gap-1.5">
                    <input
                        type="checkbox"
                        aria-label={`Leave string ${each} alone`}
                        checked={left.has(each)}
                        onChange={(event) => onLeave(each, event.target.checked)}
                    />
                    {each}
                </label>
            ))}
            {mayStay.length > 0 && (
                <Button look="quiet" onClick={() => mayStay.forEach((each) => onLeave(each, true))}>
                    {mayStay.length === 1
                        ? `String ${mayStay[0]} may be left alone: it will stay`
                        : `Strings ${mayStay.join(', ')} may be left alone: they will stay`}{' '}
                    within {TOLERANCE} cents
                </Button>
            )}
            {left.size > 0 && after.length > 0 && (
                <span className="text-sm text-ink-soft">
                    {after
                        .filter(({ position: each }) => left.has(each))
                        .map(({ position: each, cents }) => `string ${each} will end at ${centsWords(cents)}`)
                        .join(', ')}
                </span>
            )}
        </fieldset>
    );
}
