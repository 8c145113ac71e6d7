import type { Practice, Retuning, StringSettling } from '../generated/formats';
import { formatGive } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { Revealed } from './Revealed';
import { givesWords, settledWords, withoutWords } from './rounds';

interface Props {
    retuning: Retuning;
    floats: boolean;
    instrument: string;
    busy: boolean;
    /** Keeps with the instrument what was learned of it; none where nothing was. */
    onKeep: (() => void) | null;
    /** Tells what a simulated instrument kept to itself; none where it is a real one. */
    practice: { reveal: () => Promise<Practice>; settling: StringSettling[] | null } | null;
}

/** By how much the others fall as one string is tuned, and what that is known from. */
export function HowItGives({ retuning, floats, instrument, busy, onKeep, practice }: Props) {
    const units = useUnits();
    const learned = retuning.learned;
    return (
        <section aria-label="How it gives" className="mt-6 max-w-3xl text-ink-soft">
            <p>
                {floats ? 'Its bridge floats. ' : ''}
                As one string is tuned, neck and bridge give a little and the others fall: by{' '}
                {formatGive(retuning.compliance_um_per_n, units)}, {givesWords(retuning, learned)} {withoutWords(retuning)}
            </p>
            <p className="mt-2 flex flex-wrap gap-2">
                {onKeep !== null && (
                    <Button onClick={onKeep} disabled={busy}>
                        Keep that with {instrument}
                    </Button>
                )}
            </p>
            {practice !== null && (
                <Revealed ask={practice.reveal}>
                    {(hidden) =>
                        `It gave ${formatGive(hidden.compliance_um_per_n, units)}; taken was ${formatGive(retuning.compliance_um_per_n, units)}.${settledWords(hidden, practice.settling)}`
                    }
                </Revealed>
            )}
        </section>
    );
}
