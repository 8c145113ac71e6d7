import { useCallback, useEffect, useRef, useState } from 'react';
import type { Hearing, Listened } from './listened';
import type { TunerSource } from './source';

/** A string that is heard surely. */
export type Sure = Extract<Hearing, { kind: 'string' }>;

/**
 * Listens to a source while it is wanted: what sounds now.
 *
 * @param strings that may sound
 * @param wanted the string whose turn it is
 * @param onSure told of each string that is heard surely
 */
export function useEar(strings: readonly Listened[], wanted: number | null, onSure: (heard: Sure) => void) {
    const source = useRef<TunerSource | null>(null);
    const [live, setLive] = useState<Hearing | null>(null);
    const [listening, setListening] = useState(false);
    const [problem, setProblem] = useState<string | null>(null);

    const close = useCallback(() => {
        source.current?.stop();
        source.current = null;
        setListening(false);
        setLive(null);
    }, []);
    const tell = useRef(onSure);
    const asked = useRef({ strings, wanted });
    useEffect(() => {
        tell.current = onSure;
        asked.current = { strings, wanted };
    });
    const what = JSON.stringify([strings, wanted]);
    useEffect(() => {
        source.current?.listenFor(asked.current.strings, asked.current.wanted);
    }, [what]);
    const open = useCallback(
        async <S extends TunerSource>(from: S): Promise<S | null> => {
            close();
            setProblem(null);
            source.current = from;
            from.listenFor(asked.current.strings, asked.current.wanted);
            try {
                await from.start((heard) => {
                    setLive(heard);
                    if (heard.kind === 'string' && heard.sure) {
                        tell.current(heard);
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
