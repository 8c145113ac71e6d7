import { useCallback, useEffect, useRef, useState } from 'react';
import type { Reading, TunerSource } from '../devices/tuner/source';
import { steady } from './heard';

const KEPT = 12;

/**
 * Listens to a source while it is wanted: what sounds now.
 *
 * @param onSteady told of each pitch that stands
 */
export function useEar(onSteady: (hz: number) => void) {
    const source = useRef<TunerSource | null>(null);
    const readings = useRef<Reading[]>([]);
    const [live, setLive] = useState<Reading | null>(null);
    const [listening, setListening] = useState(false);
    const [problem, setProblem] = useState<string | null>(null);

    const close = useCallback(() => {
        source.current?.stop();
        source.current = null;
        readings.current = [];
        setListening(false);
        setLive(null);
    }, []);
    const tell = useRef(onSteady);
    useEffect(() => {
        tell.current = onSteady;
    });
    const open = useCallback(
        async <S extends TunerSource>(from: S): Promise<S | null> => {
            close();
            setProblem(null);
            source.current = from;
            try {
                await from.start((reading) => {
                    if (reading === null) {
                        readings.current = [];
                        setLive(null);
                        return;
                    }
                    readings.current = [...readings.current, reading].slice(-KEPT);
                    setLive(reading);
                    const hz = steady(readings.current);
                    if (hz !== null) {
                        tell.current(hz);
                    }
                });
                setListening(true);
                return from;
            } catch (failure) {
                source.current = null;
                setProblem(
                    failure instanceof Error
                        ? failure.message
                        : 'It cannot be heard. Try again, or type what another tuner shows.',
                );
                return null;
            }
        },
        [close],
    );
    useEffect(() => close, [close]);
    return { live, listening, problem, open, close };
}
