import { useCallback, useEffect, useRef } from 'react';
import { ask } from '../../server/api';
import type { Sound } from '../../generated/formats';
import { tellFailure, toast } from '../../ui/toasts';
import { useBenchStore } from '../design/benchStore';
import { inTuning } from '../lanes/gauges';
import { question } from '../design/question';
import { strummed } from '../../devices/pluck';
import { useHearingOn } from '../../frame/reading/heard';
import { apiBenchSounds } from '../../generated/addresses/places';

const SECONDS = 3.5;
const APART_SECONDS = 0.09;

export type Hear = (positions?: number[]) => void;

/** Plays strings by their positions, one after another, or all of them from the lowest; says how to turn hearing on while it is off. */
export function useHearing(): Hear {
    const store = useBenchStore();
    const context = useRef<AudioContext | null>(null);
    const playing = useRef<AudioBufferSourceNode | null>(null);
    const last = useRef<{ asked: string; sound: Sound } | null>(null);
    useEffect(() => () => void context.current?.close(), []);

    const play = useCallback(
        async (positions?: number[]) => {
            const { document, joined, tuning } = store.getState();
            const count = document.strings.length;
            const played = positions ?? Array.from({ length: count }, (_, index) => count - index);
            const asked = question(document, joined);
            if (last.current?.asked !== asked) {
                last.current = { asked, sound: await ask<Sound>(apiBenchSounds, { method: 'POST', body: asked }) };
            }
            const tones = played.flatMap((position) => {
                const string = last.current?.sound.strings.find((each) => each.position === position);
                return string === undefined ? [] : (inTuning(string.tunings, tuning) ?? []);
            });
            context.current ??= new AudioContext();
            const audio = context.current;
            await audio.resume();
            const samples = strummed(tones, audio.sampleRate, SECONDS, APART_SECONDS);
            const buffer = audio.createBuffer(1, samples.length, audio.sampleRate);
            buffer.copyToChannel(samples, 0);
            playing.current?.stop();
            const source = audio.createBufferSource();
            source.buffer = buffer;
            source.connect(audio.destination);
            source.start();
            playing.current = source;
        },
        [store],
    );

    return useCallback(
        (positions) => {
            const start = () => void play(positions).catch(tellFailure);
            if (useHearingOn.getState().on) {
                start();
                return;
            }
            toast('Hearing the strings is off.', {
                action: {
                    label: 'Turn it on',
                    run: () => {
                        useHearingOn.getState().turn(true);
                        start();
                    },
                },
            });
        },
        [play],
    );
}
