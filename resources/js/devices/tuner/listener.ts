// Runs in the browser's sound thread: nothing of the sound leaves the machine, or even this thread.
import { Ear } from './ear';
import type { ListenFor } from './listen';
import type { Hearing } from './listened';

declare const sampleRate: number;
declare class AudioWorkletProcessor {
    readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: new () => AudioWorkletProcessor): void;

class Listener extends AudioWorkletProcessor {
    private readonly ear = new Ear(sampleRate);
    private look: Iterator<Hearing | null> | null = null;

    constructor() {
        super();
        this.port.onmessage = ({ data }: MessageEvent<ListenFor>) => {
            this.look = null;
            this.ear.listenFor(data.strings, data.wanted);
        };
    }

    process([input]: Float32Array[][]): boolean {
        const samples = input?.[0];
        if (samples === undefined) {
            return true;
        }
        this.ear.take(samples);
        // A look is taken bit by bit, so that the sound thread never waits for the whole of it.
        this.look ??= this.ear.look();
        const bit = this.look?.next();
        if (bit?.done === true) {
            this.look = null;
        } else if (bit?.value != null) {
            this.port.postMessage(bit.value);
        }
        return true;
    }
}

registerProcessor('lira-listener', Listener);
