import type { Source } from '../devices/own';
import type { Hearing } from '../devices/tuner/listened';
import { fixed } from '../units/figures';
import { Button } from '../ui/Button';
import { centsWords, hearingWords, isOdd } from '../devices/tuner/heard';
import { TOLERANCE } from './round';

interface Props {
    source: Source;
    /** The string that is turned down to learn how the instrument gives; null while nothing is learned. */
    learning: number | null;
    known: boolean;
    landed: boolean;
    /** Whether some strings are left alone. */
    someLeft: boolean;
    /** How far the furthest string is away, cents. */
    worst: number;
    /** How many rounds it takes, in words. */
    passes: string;
    /** What is heard just now; null while nothing listens. */
    live: Hearing | null;
    offCents: number;
    busy: boolean;
    /** Whether a round can begin. */
    ready: boolean;
    onStrum: () => void;
    /** None where how it gives is learned already. */
    onLearn: (() => void) | null;
    /** None where there is no job to keep it with. */
    onKeep: { keep: () => void; kept: boolean } | null;
    onBegin: () => void;
}

/** Before a round: where all stand, and what begins it. */
export function RoundStart(props: Props) {
    const { source, live, offCents, busy, onLearn, onKeep } = props;
    return (
        <div className="flex flex-wrap items-center gap-x-5 gap-y-3">
            <p className="min-w-0 flex-1 basis-80 text-xl" aria-live="polite">
                {standingWords(props)}
            </p>
            {live !== null && (
                <p
                    role="status"
                    className={
                        isOdd(live, null) ? 'basis-full text-lg font-semibold text-caution' : 'basis-full text-lg text-ink-soft'
                    }
                >
                    {hearingWords(
                        live,
                        (string) =>
                            `String ${string.position}: ${centsWords(string.cents - offCents)} cents${string.sure ? '' : ', not sure yet'}.`,
                    )}
                </p>
            )}
            {source === 'practice' && (
                <Button large onClick={props.onStrum} disabled={busy}>
                    Strum: hear all
                </Button>
            )}
            {onLearn !== null && (
                <Button large onClick={onLearn} disabled={busy}>
                    Learn how it gives first
                </Button>
            )}
            {onKeep !== null && (
                <Button large disabled={busy || onKeep.kept} onClick={onKeep.keep}>
                    Keep that with the job
                </Button>
            )}
            <Button large look="strong" disabled={!props.ready || busy} onClick={props.onBegin}>
                Begin the round
            </Button>
        </div>
    );
}

const TO_HEAR: Record<Source, string> = {
    practice: 'This is practice, and nothing of it is kept. Strum it, to hear where it stands.',
    microphone: 'Pluck one string after the other: each is known by itself.',
    typed: 'Type where each string stands.',
};

/** Where all stand, or how that is found out. */
function standingWords({ source, learning, known, landed, someLeft, worst, passes }: Props): string {
    if (learning !== null) {
        return `Turn string ${learning} down by about a semitone, then let all be heard again.`;
    }
    if (landed) {
        return `All${someLeft ? ' that are not left alone' : ''} stand within ${TOLERANCE} cents: nothing is left to do.`;
    }
    return known ? `The furthest is ${fixed(worst, 0)} cents away. ${passes}` : TO_HEAR[source];
}
