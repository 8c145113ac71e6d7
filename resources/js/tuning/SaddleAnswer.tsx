import type { IntonationAnswer } from '../generated/formats';
import { Button } from '../ui/Button';
import { fixed } from '../units/figures';
import { pitchLabel } from '../units/pitch';
import { fineLength } from '../units/units';
import { useUnits } from '../units/useUnits';
import { canBeMeant, turnsWords } from './reads';

interface Props {
    pitch: string;
    fret: number;
    /** None while it was not read both open and stopped. */
    answer: IntonationAnswer['strings'][number] | undefined;
    /** Whether each string has a saddle of its own. */
    alone: boolean;
    /** How far its saddle can still go back, millimetres; null where that is not known. */
    left: number | null;
    busy: boolean;
    onMoved: () => void;
}

/** How far one string is off, and what to do with its saddle. */
export function SaddleAnswer({ pitch, fret, answer, alone, left, busy, onMoved }: Props) {
    const units = useUnits();
    if (answer === undefined) {
        return (
            <p className="text-xl text-ink-soft">
                {pitchLabel(pitch)}: read it open, then stopped at the {fret}th.
            </p>
        );
    }
    const worth = alone && answer.worth_it;
    return (
        <>
            <p className="text-xl">
                {fixed(Math.abs(answer.error_cents), 1)} cents {answer.error_cents > 0 ? 'sharp' : 'flat'} at the {fret}th.{' '}
                {!alone
                    ? ''
                    : worth
                      ? `Move its saddle ${answer.move_mm > 0 ? 'back, away from the nut' : 'forward, towards the nut'}`
                      : 'That is as near as two readings can tell: leave it.'}
            </p>
            {worth && (
                <p data-figure="key" className="text-[72px] leading-tight font-extrabold tracking-tight">
                    {answer.turns === null ? fineLength(Math.abs(answer.move_mm), units, 1) : turnsWords(answer.turns)}
                </p>
            )}
            {worth && (
                <p className="text-lg text-ink-soft">
                    {fineLength(Math.abs(answer.move_mm), units, 2)}, give or take {fineLength(answer.within_mm, units, 2)} (95 of
                    100 lie within).
                </p>
            )}
            {worth && left !== null && answer.move_mm > left && (
                <p className="mt-1 text-lg text-caution">
                    It can go back by {fineLength(Math.max(0, left), units, 1)} only. A thinner string, a higher pitch, or a
                    longer scale needs less: see the Bench.
                </p>
            )}
            {worth && !canBeMeant(answer.move_mm) && (
                <p role="alert" className="mt-1 border-l-4 border-l-caution pl-3 text-lg text-caution">
                    No saddle is so far off. Was it stopped at the {fret}th fret, is it this string, and not an octave away? Read
                    it once more before anything is turned.
                </p>
            )}
            {worth && (
                <Button
                    large
                    look={canBeMeant(answer.move_mm) ? 'strong' : 'plain'}
                    className="mt-3"
                    disabled={busy}
                    onClick={onMoved}
                >
                    {canBeMeant(answer.move_mm) ? 'Moved: read it again' : 'It is meant: moved, read it again'}
                </Button>
            )}
        </>
    );
}
