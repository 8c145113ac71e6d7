import { useEffect, useRef } from 'react';
import { strummed } from '../../devices/pluck';
import type { NeckSetup, PluckedTone, Sound } from '../../generated/formats';
import type { Stop } from '../../generated/views';
import { apiSounds } from '../../generated/addresses/places';
import { ask } from '../../server/api';
import { tellFailure } from '../../ui/toasts';

const CHORD_SECONDS = 2.6;
const NOTE_SECONDS = 0.9;
const STRUM_SECONDS = 0.05;

/** A string's own tone stopped at a fret, so many cents off equal temperament. */
export function stopped(tone: PluckedTone, semitones: number, cents: number): PluckedTone {
    const ratio = 2 ** (semitones / 12 + cents / 1200);
    return { ...tone, partials: tone.partials.map((partial) => ({ ...partial, hz: partial.hz * ratio })) };
}

/** How far off a stop sounds on this neck: an open string, or one that begins there, is what it was tuned to. */
export function centsOf(neck: NeckSetup, { position, fret }: Pick<Stop, 'position' | 'fret'>): number {
    return neck.strings[position - 1]?.frets.find((each) => each.fret === fret)?.cents.estimate ?? 0;
}

/** Plays stops one after the other as this neck would sound them, or in equal temperament; a new one cuts off the last. */
export function useNeckHeard(set: string | null, neck: NeckSetup | undefined, tuning: number) {
    const audio = useRef<AudioContext | null>(null);
    const playing = useRef<AudioBufferSourceNode | null>(null);
    const last = useRef<{ set: string; sound: Sound } | null>(null);
    useEffect(() => () => void audio.current?.close(), []);

    const play = async (stops: Stop[], as: 'neck' | 'equal', apart: number, seconds: number) => {
        if (set === null || neck === undefined) {
            return;
        }
        if (last.current?.set !== set) {
            last.current = { set, sound: await ask<Sound>(apiSounds, { method: 'POST', body: set }) };
        }
        const tones = stops.flatMap((stop) => {
            const string = last.current?.sound.strings.find((each) => each.position === stop.position);
            const tone = string?.tunings[tuning];
            return tone === undefined ? [] : [stopped(tone, stop.semitones, as === 'neck' ? centsOf(neck, stop) : 0)];
        });
        audio.current ??= new AudioContext();
        await audio.current.resume();
        const samples = strummed(tones, audio.current.sampleRate, seconds, apart);
        const buffer = audio.current.createBuffer(1, samples.length, audio.current.sampleRate);
        buffer.copyToChannel(samples, 0);
        playing.current?.stop();
        const source = audio.current.createBufferSource();
        source.buffer = buffer;
        source.connect(audio.current.destination);
        source.start();
        playing.current = source;
    };
    return {
        chord: (stops: Stop[], as: 'neck' | 'equal') => void play(stops, as, STRUM_SECONDS, CHORD_SECONDS).catch(tellFailure),
        scale: (stops: Stop[], as: 'neck' | 'equal') => void play(stops, as, 0.45, NOTE_SECONDS).catch(tellFailure),
    };
}
