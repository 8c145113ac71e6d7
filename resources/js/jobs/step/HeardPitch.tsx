import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { useOwnTools } from '../../devices/own';
import { microphone } from '../../devices/tuner/microphone';
import { centsWords, hearingWords, isOdd, listenedFor } from '../../devices/tuner/heard';
import { useEar, type Sure } from '../../devices/tuner/useEar';
import { largeButtonClass } from '../../ui/classes';
import { fixed } from '../../units/figures';
import { pitchLabel } from '../../units/pitch';
import { readSigned } from '../../units/typed';
import type { StringNow } from '../../events/jobNow';
import { AT_PITCH_CENTS } from './claims';
import type { JobNow } from '../useJob';

/** Farther away it is drawn at the end of the rule. */
const REACH_CENTS = 100;

/** Listens for the strings of a job, as far as whoever sits here tunes by the microphone. */
export function useJobEar(now: JobNow, wanted: number | null, onSure: (heard: Sure) => void) {
    const { source, offset } = useOwnTools();
    const off = readSigned(offset) ?? 0;
    const ear = useEar(
        now.job.strings.map((string) => listenedFor(string, null)),
        wanted,
        (heard) => onSure({ ...heard, cents: heard.cents - off }),
    );
    const { open, close } = ear;
    const wants = source === 'microphone';
    useEffect(() => {
        if (wants) {
            void open(microphone());
            return close;
        }
        return undefined;
    }, [wants, open, close]);
    return { ...ear, off, wants };
}

/** Turns listening on or off, where it is in reach of the hand that tunes. */
export function ListenSwitch({ className = '' }: { className?: string }) {
    const { source, change } = useOwnTools();
    const on = source === 'microphone';
    return (
        <button
            type="button"
            aria-pressed={on}
            className={`${largeButtonClass.plain} h-16 aria-pressed:border-accent aria-pressed:bg-accent-wash ${className}`}
            onClick={() => change({ source: on ? 'typed' : 'microphone' })}
        >
            {on ? 'Listening' : 'Listen'}
        </button>
    );
}

interface Props {
    now: JobNow;
    string: StringNow;
    /** What was heard surely of it last, cents from its pitch. */
    cents: number | null;
    onHeard: (cents: number) => void;
}

/** How far one string is from its pitch, heard as it is tuned; nothing where nobody listens. */
export function HeardPitch({ now, string, cents, onHeard }: Props) {
    const ear = useJobEar(now, string.position, (heard) => heard.position === string.position && onHeard(heard.cents));
    const { live } = ear;
    const shown = live?.kind === 'string' && live.position === string.position ? live.cents - ear.off : cents;
    if (!ear.wants) {
        return null;
    }
    if (ear.problem !== null) {
        return (
            <p role="alert" className="mt-2 text-lg text-stop">
                {ear.problem}
            </p>
        );
    }
    const odd = isOdd(live, string.position);
    return (
        <div className="mt-2 grid max-w-2xl grid-cols-[minmax(0,1fr)_14rem] items-center gap-x-4 max-sm:grid-cols-1">
            <svg
                viewBox="-110 -11 220 34"
                className="block w-full"
                role="img"
                aria-label={
                    shown === null ? 'Nothing was heard yet' : `${centsWords(shown)} cents from ${pitchLabel(string.pitch)}`
                }
            >
                <line x1={-REACH_CENTS} x2={REACH_CENTS} y1={0} y2={0} stroke="var(--rule-strong)" />
                <rect x={-AT_PITCH_CENTS} width={2 * AT_PITCH_CENTS} y={-7} height={14} fill="var(--rule)" />
                <line y1={-9} y2={9} stroke="var(--ink)" />
                <text y={21} textAnchor="middle" fontSize="0.857rem" fill="var(--ink-soft)">
                    {pitchLabel(string.pitch)}
                </text>
                {shown !== null && (
                    <circle cx={Math.max(-REACH_CENTS, Math.min(REACH_CENTS, shown))} r={6} fill="var(--accent)" />
                )}
            </svg>
            <p
                role="status"
                className={odd ? 'text-xl leading-snug font-semibold text-caution' : 'text-xl leading-snug font-semibold'}
            >
                {odd || shown === null
                    ? hearingWords(live, ({ sure }) => (sure ? 'Heard.' : 'Not sure yet.'), string.position)
                    : Math.abs(shown) <= AT_PITCH_CENTS
                      ? 'There.'
                      : shown < 0
                        ? `${fixed(-shown, 0)} cents to go`
                        : `${fixed(shown, 0)} too high: go below`}
            </p>
        </div>
    );
}

/** Where all strings stand while they are tuned together, each as it was heard last. */
export function HeardStrings({ now }: { now: JobNow }) {
    const [heard, setHeard] = useState<Record<number, number>>({});
    const ear = useJobEar(now, null, ({ position, cents }) => setHeard((before) => ({ ...before, [position]: cents })));
    return (
        <div className="mt-3 flex flex-wrap items-center gap-2.5">
            <ListenSwitch />
            {ear.wants &&
                now.job.strings.map(({ position, pitch }) => {
                    const cents = heard[position];
                    return (
                        <p
                            key={position}
                            className={clsx(
                                'min-w-24 border-b-4 px-1 text-center leading-tight',
                                cents !== undefined && Math.abs(cents) <= AT_PITCH_CENTS ? 'border-accent' : 'border-rule',
                            )}
                        >
                            <span className="block text-lg text-ink-soft">
                                {position} {pitchLabel(pitch)}
                            </span>
                            <span className="text-2xl font-bold">{cents === undefined ? '…' : centsWords(cents)}</span>
                        </p>
                    );
                })}
            {ear.wants && (
                <p role="status" className={clsx('basis-full text-xl', isOdd(ear.live, null) && 'font-semibold text-caution')}>
                    {ear.problem ??
                        hearingWords(
                            ear.live,
                            ({ position, cents }) => `String ${position}: ${centsWords(cents - ear.off)} cents`,
                        )}
                </p>
            )}
        </div>
    );
}
