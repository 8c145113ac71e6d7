import { useState } from 'react';
import { SOURCES, type Source } from '../../devices/own';
import { hearingWords } from '../../devices/tuner/heard';
import { readingsTyped } from '../../devices/tuner/shown';
import type { Playing } from '../../generated/views';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { TypedInput } from '../../ui/TypedInput';
import { fixed } from '../../units/figures';
import { UNREAD, useFretEar } from './useFretEar';
import type { useNeckReadings } from './useNeckReadings';

interface Props {
    plays: Playing;
    /** The set on its instrument, as it is asked about. */
    set: string;
    tuning: number;
    kept: ReturnType<typeof useNeckReadings>;
}

/** Reads the neck with a tuner, one fret after the other: what is read stands on the map, and sharpens what is foretold. */
export function ReadingPart({ plays, set, tuning, kept }: Props) {
    const strings = plays.neck.strings.filter((string) => string.frets.length > 0);
    const [position, setPosition] = useState(strings.at(-1)?.position ?? 1);
    const firstOf = (of: number) => plays.neck.strings[of - 1]?.frets[0]?.fret ?? 1;
    const [fret, setFret] = useState(() => firstOf(position));
    const heard = useFretEar(plays, position, fret, tuning, set);
    const { read, setRead, string } = heard;
    const of = kept.readings.filter((each) => each.position === position).length;
    const last = plays.neck.frets;
    if (strings.length === 0 || string === undefined) {
        return null;
    }
    const keep = () => {
        if (read.open !== null && read.stopped !== null) {
            kept.keep({ position, fret, open_hz: read.open, fretted_hz: read.stopped }, () => {
                // The open string is good for the next fret, too.
                setRead((present) => ({ ...present, stopped: null }));
                setFret(Math.min(last, fret + 1));
            });
        }
    };
    return (
        <section aria-label="Read by a tuner" className="mt-5">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">Read by a tuner</h2>
            <Told lines={plays.read} />
            <div className="mt-2 flex flex-wrap items-end gap-3">
                <Which
                    plays={plays}
                    heard={heard}
                    position={position}
                    fret={fret}
                    onString={(chosen) => {
                        setPosition(chosen);
                        setFret(firstOf(chosen));
                        setRead(UNREAD);
                    }}
                    onFret={(chosen) => {
                        setFret(chosen);
                        setRead((present) => ({ ...present, stopped: null }));
                    }}
                />
                <Heard label="Open" part="open" hz={string.hz} heard={heard} />
                <Heard label={`Fret ${fret}`} part="stopped" hz={string.hz * 2 ** (heard.above / 12)} heard={heard} />
                <Button look="strong" disabled={kept.busy || read.open === null || read.stopped === null} onClick={keep}>
                    Keep this reading
                </Button>
            </div>
            {heard.source !== 'typed' && (
                <p className="mt-1 text-ink-soft" aria-live="polite">
                    {heard.ear.problem ??
                        hearingWords(
                            heard.ear.live,
                            ({ hz, sure }) => `${fixed(hz, 1)} Hz${sure ? '' : ', not sure yet'}`,
                            position,
                        )}
                </p>
            )}
            {kept.problem !== undefined && (
                <p role="alert" className="mt-1 text-stop">
                    {kept.problem}
                </p>
            )}
            {of > 0 && (
                <p className="mt-1 text-sm text-ink-soft">
                    {of} {of === 1 ? 'reading' : 'readings'} of string {position}.{' '}
                    <Button look="quiet" disabled={kept.busy} onClick={() => kept.forget(position)}>
                        Forget them
                    </Button>
                </p>
            )}
        </section>
    );
}

/** What came of it, in words. */
function Told({ lines }: { lines: string[] }) {
    return (
        <div aria-live="polite" className="mt-2 grid gap-1">
            {lines.map((line) => (
                <p key={line}>{line}</p>
            ))}
            {lines.length === 0 && (
                <p className="text-ink-soft">
                    Read strings open and stopped: what comes stands on the map, tells how high the nut is, and which fret stands
                    off.
                </p>
            )}
        </div>
    );
}

/** By what it is heard, and which string at which fret is read. */
function Which({
    plays,
    heard,
    position,
    fret,
    onString,
    onFret,
}: {
    plays: Playing;
    heard: ReturnType<typeof useFretEar>;
    position: number;
    fret: number;
    onString: (position: number) => void;
    onFret: (fret: number) => void;
}) {
    const strings = plays.neck.strings.filter((string) => string.frets.length > 0);
    const choicesOf = (numbers: number[]) => numbers.map((each) => ({ value: String(each), label: String(each) }));
    return (
        <>
            <div className="w-52">
                <Field label="Heard by">
                    <Select value={heard.source} choices={SOURCES} onChange={(value) => heard.choose(value as Source)} />
                </Field>
            </div>
            <div className="w-24">
                <Field label="String">
                    <Select
                        value={String(position)}
                        choices={choicesOf(strings.map((each) => each.position))}
                        onChange={(value) => onString(Number(value))}
                    />
                </Field>
            </div>
            <div className="w-24">
                <Field label="Fret">
                    <Select
                        value={String(fret)}
                        choices={choicesOf((plays.neck.strings[position - 1]?.frets ?? []).map((each) => each.fret))}
                        onChange={(value) => onFret(Number(value))}
                    />
                </Field>
            </div>
        </>
    );
}

/** One pitch: typed in hertz or cents, or listened for. */
function Heard({
    label,
    part,
    hz,
    heard,
}: {
    label: string;
    part: 'open' | 'stopped';
    hz: number;
    heard: ReturnType<typeof useFretEar>;
}) {
    const [unsaid, setUnsaid] = useState<string | undefined>(undefined);
    const value = heard.read[part];
    return (
        <div className="flex items-end gap-1">
            <div className="w-32">
                <Field label={`${label}, Hz or cents`} error={unsaid}>
                    <TypedInput
                        className={fieldClass}
                        shown={value === null ? '' : fixed(value, 2)}
                        onTake={(typed) => {
                            const taken = readingsTyped(typed, hz);
                            const first = taken?.[0];
                            setUnsaid(taken === null ? `Type hertz, such as ${fixed(hz, 1)}, or cents, such as +8.` : undefined);
                            heard.setRead((present) => ({ ...present, [part]: first ?? null }));
                        }}
                    />
                </Field>
            </div>
            {heard.source !== 'typed' && (
                <Button aria-pressed={heard.part === part && heard.ear.listening} onClick={() => heard.listen(part)}>
                    {heard.source === 'practice' ? 'Pluck' : 'Listen'} <span className="sr-only">{label}</span>
                </Button>
            )}
        </div>
    );
}
