import { useCallback, useEffect, useState } from 'react';
import { SCALES } from '../devices/instruments';
import { SOURCES, useOwnTools } from '../devices/own';
import type { Hearing } from '../devices/tuner/listened';
import { STANDARD } from '../devices/tuner/standard';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { failureWords } from '../server/api';
import { withMinus } from '../units/figures';
import { Part } from './WorkshopFrame';

const USUAL = 'usual';

interface Named {
    value: string;
    label: string;
}

async function microphonesHere(): Promise<Named[]> {
    const devices = await navigator.mediaDevices.enumerateDevices().catch(() => []);
    return devices
        .filter(({ kind, deviceId, label }) => kind === 'audioinput' && deviceId !== '' && label !== '')
        .map(({ deviceId, label }) => ({ value: deviceId, label }));
}

/** By what strings are heard and weighed on this device, and whether the microphone hears them. */
export function ToolsPart() {
    const { source, offset, microphone, scale, change } = useOwnTools();
    const [microphones, setMicrophones] = useState<Named[]>([]);
    // They have names once one of them was heard.
    const [tried, setTried] = useState(0);
    const onHeard = useCallback(() => setTried((times) => times + 1), []);
    useEffect(() => {
        const asked = new AbortController();
        void microphonesHere().then((found) => {
            if (!asked.signal.aborted) {
                setMicrophones(found);
            }
        });
        return () => asked.abort();
    }, [tried]);
    const known = microphones.some(({ value }) => value === microphone);
    return (
        <Part
            title="Tuner and scale, on this device"
            about="What tuning and weighing begin with; there each can be chosen for once."
        >
            <div className="grid gap-3 sm:grid-cols-2">
                <Field label="Strings are heard by">
                    <Select value={source} choices={SOURCES} onChange={(chosen) => change({ source: chosen as typeof source })} />
                </Field>
                <Field label="This tuner is off by, cents" hint="Sharp is plus. Found by a fork, or another tuner.">
                    <input
                        className={fieldClass}
                        inputMode="text"
                        value={offset}
                        onChange={(event) => change({ offset: event.target.value })}
                    />
                </Field>
                <Field label="Microphone" hint={microphones.length === 0 ? 'They are named once it was tried.' : undefined}>
                    <Select
                        value={known ? microphone : USUAL}
                        choices={[{ value: USUAL, label: 'the usual one' }, ...microphones]}
                        onChange={(chosen) => change({ microphone: chosen === USUAL ? '' : chosen })}
                    />
                </Field>
                <Field label="Strings are weighed on">
                    <Select value={scale} choices={SCALES} onChange={(chosen) => change({ scale: chosen })} />
                </Field>
            </div>
            <TryMicrophone onHeard={onHeard} />
        </Part>
    );
}

/** What it hears of strings in standard tuning. */
function triedWords(heard: Hearing): string {
    switch (heard.kind) {
        case 'string':
            return `It hears ${STANDARD[heard.position - 1]?.name ?? ''}, ${withMinus(heard.cents, 0)} cents.`;
        case 'hum':
            return `It hears hum at ${heard.hz} Hz.`;
        case 'noise':
            return 'It hears something, but no string in standard tuning.';
        case 'between':
        case 'harmonic':
            return 'It hears a string, but not clearly: pluck it once more.';
        case 'beginning':
        case 'silence':
            return 'It hears something…';
    }
}

/** Says what the microphone hears, until it is enough. */
function TryMicrophone({ onHeard }: { onHeard: () => void }) {
    const [tries, setTries] = useState(false);
    const [heard, setHeard] = useState<Hearing | null>(null);
    const [problem, setProblem] = useState<string | null>(null);
    useEffect(() => {
        if (!tries) {
            return undefined;
        }
        const going = new AbortController();
        void (async () => {
            try {
                const { microphone } = await import('../devices/tuner/microphone');
                const ear = microphone();
                ear.listenFor(
                    STANDARD.map(({ string }) => string),
                    null,
                );
                await ear.start((hearing) => setHeard((last) => (hearing.kind === 'silence' ? last : hearing)));
                if (going.signal.aborted) {
                    ear.stop();
                    return;
                }
                going.signal.addEventListener('abort', () => ear.stop());
                onHeard();
            } catch (failure) {
                setProblem(failureWords(failure));
                setTries(false);
            }
        })();
        return () => going.abort();
    }, [tries, onHeard]);
    return (
        <div className="mt-3 flex flex-wrap items-center gap-3">
            <Button
                onClick={() => {
                    setProblem(null);
                    setHeard(null);
                    setTries(!tries);
                }}
            >
                {tries ? 'Enough' : 'Try the microphone'}
            </Button>
            <span role="status" className={problem === null ? 'text-ink-soft' : 'text-stop'}>
                {problem ??
                    (tries
                        ? heard === null
                            ? 'Pluck a string of a guitar or a bass in standard tuning…'
                            : triedWords(heard)
                        : '')}
            </span>
        </div>
    );
}
