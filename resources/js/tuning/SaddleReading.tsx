import { useState } from 'react';
import type { Source } from '../devices/own';
import type { Hearing } from '../devices/tuner/listened';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { TypedInput } from '../ui/TypedInput';
import { fixed } from '../units/figures';
import { readLength } from '../units/typed';
import { lengthFigure, type Units } from '../units/units';
import { useUnits } from '../units/useUnits';
import { hearingWords } from '../devices/tuner/heard';
import { readingsTyped } from '../devices/tuner/shown';
import type { StringKnown } from './known';
import { TIMES, type Read } from './reads';

interface Props {
    string: StringKnown;
    read: Read;
    /** Where it is stopped. */
    fret: number;
    source: Source;
    live: Hearing | null;
    listening: 'open' | 'stopped';
    onListen: (to: 'open' | 'stopped') => void;
    busy: boolean;
    onChange: (changed: Partial<Read>) => void;
    /** Plays a simulated instrument. */
    onPlay: () => void;
}

/** What is read of one string: how far its saddle stands from the nut, open, and stopped three times at most. */
export function SaddleReading({ string, read, fret, source, live, listening, onListen, busy, onChange, onPlay }: Props) {
    const units = useUnits();
    const [unsaid, setUnsaid] = useState<Partial<Record<'open' | 'stopped', string>>>({});
    /** What a tuner shows is taken in hertz or cents; what is neither is said, and what was there stays. */
    const take = (what: 'open' | 'stopped', typed: string) => {
        const pitch = string.hz * (what === 'open' ? 1 : 2);
        const heard = readingsTyped(typed, pitch);
        setUnsaid({
            [what]:
                heard === null
                    ? `“${typed}” is no reading: type hertz, such as ${fixed(pitch, 1)}, or cents, such as +8.`
                    : undefined,
        });
        if (heard !== null) {
            onChange(what === 'open' ? { open: heard[0] ?? null } : { stopped: heard.slice(0, TIMES) });
        }
    };

    return (
        <div className="grid content-start gap-3 sm:grid-cols-2">
            <Measured units={units} source={source} read={read} onChange={onChange} />
            <Field label="Open, Hz or cents" error={unsaid.open}>
                <TypedInput
                    className={`${fieldClass} text-lg`}
                    shown={read.open === null ? '' : fixed(read.open, 2)}
                    onTake={(typed) => take('open', typed)}
                />
            </Field>
            <div className="sm:col-span-2">
                <Field
                    label={`At the ${fret}th fret, Hz or cents, up to three times`}
                    error={unsaid.stopped}
                    hint={read.stopped.length > 1 ? 'The middle one counts.' : undefined}
                >
                    <TypedInput
                        className={`${fieldClass} text-lg`}
                        shown={read.stopped.map((hz) => fixed(hz, 2)).join(' ')}
                        onTake={(typed) => take('stopped', typed)}
                    />
                </Field>
            </div>
            <div className="flex flex-wrap gap-2 sm:col-span-2">
                {source === 'practice' && (
                    <Button disabled={busy} onClick={onPlay}>
                        Play all, open and stopped
                    </Button>
                )}
                {source === 'microphone' && (
                    <>
                        <Button aria-pressed={listening === 'open'} onClick={() => onListen('open')}>
                            Listen open
                        </Button>
                        <Button aria-pressed={listening === 'stopped'} onClick={() => onListen('stopped')}>
                            Listen at the {fret}th
                        </Button>
                        <span className="self-center text-ink-soft">
                            {hearingWords(
                                live,
                                ({ hz, sure }) => `${fixed(hz, 1)} Hz${sure ? '' : ', not sure yet'}`,
                                string.position,
                            )}
                        </span>
                    </>
                )}
            </div>
        </div>
    );
}

/** From nut to saddle, as it was measured. */
function Measured({
    units,
    source,
    read,
    onChange,
}: {
    units: Units;
    source: Props['source'];
    read: Props['read'];
    onChange: Props['onChange'];
}) {
    return (
        <Field
            label={`Nut to saddle, ${units.length}`}
            hint={source !== 'practice' && !read.measured ? 'Foretold: measure it.' : undefined}
        >
            <TypedInput
                className={`${fieldClass} text-lg`}
                shown={lengthFigure(Number(read.nutToSaddle.toFixed(2)), units)}
                onTake={(typed) => {
                    const mm = readLength(typed, units);
                    if (mm !== null) {
                        onChange({ nutToSaddle: mm, measured: true, before: null });
                    }
                }}
            />
        </Field>
    );
}
