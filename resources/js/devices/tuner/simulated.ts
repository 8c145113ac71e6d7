import { strummed } from '../pluck';
import type { PluckedTone } from '../../generated/formats';
import { listen } from './listen';
import type { TunerSource } from './source';

const SECONDS = 2.5;

/** A string that is not there, heard by the same detector as a real one. */
export interface SimulatedSound extends TunerSource {
    /** Plucks a string as the core sounds it, so many times as high. */
    pluck: (tone: PluckedTone, times: number) => void;
}

export function simulatedSound(): SimulatedSound {
    let context: AudioContext | null = null;
    let mouth: GainNode | null = null;
    return {
        start: async (hear) => {
            context = new AudioContext();
            await context.resume();
            mouth = context.createGain();
            mouth.connect(context.destination);
            await listen(context, mouth, hear);
        },
        pluck: (tone, times) => {
            if (context === null || mouth === null) {
                return;
            }
            const sounding = { ...tone, partials: tone.partials.map((partial) => ({ ...partial, hz: partial.hz * times })) };
            const samples = strummed([sounding], context.sampleRate, SECONDS, 0);
            const buffer = context.createBuffer(1, samples.length, context.sampleRate);
            buffer.copyToChannel(samples, 0);
            const source = context.createBufferSource();
            source.buffer = buffer;
            source.connect(mouth);
            source.start();
        },
        stop: () => {
            void context?.close();
            context = mouth = null;
        },
    };
}
