import { strummed } from '../pluck';
import type { PluckedTone } from '../../generated/formats';
import { listen, type ListenFor } from './listen';
import { around, type Around } from './around';
import type { TunerSource } from './source';

const SECONDS = 2.5;

/** A string that is not there, heard by the same ear as a real one, in a room that is not always quiet. */
export interface SimulatedSound extends TunerSource {
    /** Plucks a string as the core sounds it, so many times as high; the tones of others ring on beside it. */
    pluck: (tone: PluckedTone, times: number, ringing: readonly PluckedTone[]) => void;
    /** What else sounds where one practises. */
    stand: (where: Around) => void;
}

export function simulatedSound(): SimulatedSound {
    let context: AudioContext | null = null;
    let mouth: GainNode | null = null;
    let room: AudioBufferSourceNode | null = null;
    let where: Around = 'quiet';
    let tell: ((what: ListenFor) => void) | null = null;
    let what: ListenFor = { strings: [], wanted: null };
    const play = (samples: Float32Array<ArrayBuffer>, loops: boolean): AudioBufferSourceNode | null => {
        if (context === null || mouth === null) {
            return null;
        }
        const buffer = context.createBuffer(1, samples.length, context.sampleRate);
        buffer.copyToChannel(samples, 0);
        const source = context.createBufferSource();
        source.buffer = buffer;
        source.loop = loops;
        source.connect(mouth);
        source.start();
        return source;
    };
    const stand = (chosen: Around) => {
        where = chosen;
        room?.stop();
        const samples = context === null ? null : around(where, context.sampleRate);
        room = samples === null ? null : play(samples, true);
    };
    return {
        start: async (hear) => {
            context = new AudioContext();
            await context.resume();
            mouth = context.createGain();
            mouth.connect(context.destination);
            tell = await listen(context, mouth, hear);
            tell(what);
            stand(where);
        },
        stand,
        listenFor: (strings, wanted) => {
            what = { strings, wanted };
            tell?.(what);
        },
        pluck: (tone, times, ringing) => {
            if (context === null) {
                return;
            }
            const hollow = where === 'hollow' ? HOLLOW : 1;
            const sounding = {
                ...tone,
                partials: tone.partials.map((partial, index) => ({
                    ...partial,
                    hz: partial.hz * times,
                    amplitude: partial.amplitude * (index === 0 ? hollow : 1),
                })),
            };
            if (where === 'ringing') {
                // They were plucked a moment ago.
                const samples = strummed([...ringing], context.sampleRate, SECONDS, 0);
                play(
                    samples.map((sample) => sample * RINGING),
                    false,
                );
            }
            play(strummed([sounding], context.sampleRate, SECONDS, 0), false);
        },
        stop: () => {
            void context?.close();
            context = mouth = room = tell = null;
        },
    };
}

/** 26 decibels less. */
const HOLLOW = 0.05;
/** 12 decibels below. */
const RINGING = 0.25;
