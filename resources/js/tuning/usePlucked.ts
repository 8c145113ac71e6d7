import { useRef, useState } from 'react';
import type { Around } from '../devices/tuner/around';
import { simulatedSound, type SimulatedSound } from '../devices/tuner/simulated';
import type { SetDocument, Sound } from '../generated/formats';
import { ask } from '../server/api';
import type { useEar } from '../devices/tuner/useEar';
import type { usePractice } from './usePractice';
import { apiSounds } from '../generated/addresses/places';

/** Strings of an instrument that is not there, plucked and heard as by a microphone, in more or less of a noise. */
export function usePlucked(document: SetDocument, tuning: number, practice: ReturnType<typeof usePractice>) {
    const sound = useRef<SimulatedSound | null>(null);
    const [around, setAround] = useState<Around>('quiet');
    const pluck = async (at: number, open: ReturnType<typeof useEar>['open']) => {
        const playing = sound.current ?? (await open(simulatedSound()));
        playing?.stand(around);
        sound.current = playing;
        const answer = await ask<Sound>(apiSounds, { method: 'POST', body: document });
        const tone = answer.strings.find((each) => each.position === at)?.tunings[tuning];
        const read = practice.practice ?? (await practice.read());
        const cents = read.strings.find((each) => each.position === at)?.cents ?? 0;
        const ringing = answer.strings.flatMap((each) =>
            Math.abs(each.position - at) === 1 && each.tunings[tuning] !== undefined ? [each.tunings[tuning]] : [],
        );
        if (tone !== undefined) {
            playing?.pluck(tone, 2 ** (cents / 1200), ringing);
        }
    };
    return {
        around,
        pluck,
        setAround: (chosen: Around) => {
            setAround(chosen);
            sound.current?.stand(chosen);
        },
        end: () => {
            sound.current = null;
        },
    };
}
