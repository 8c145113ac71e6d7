// Runs in the browser's sound thread: nothing of the sound leaves the machine, or even this thread.
import { Detector } from './detector';

declare const sampleRate: number;
declare class AudioWorkletProcessor {
    readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: new () => AudioWorkletProcessor): void;

/** So often it listens, in samples. */
const EVERY = 1024;

class Listener extends AudioWorkletProcessor {
    private readonly detector = new Detector(sampleRate);
    private readonly heard = new Float32Array(this.detector.samples);
    private since = 0;

    process([input]: Float32Array[][]): boolean {
        const samples = input?.[0];
        if (samples === undefined) {
            return true;
        }
        this.heard.copyWithin(0, samples.length);
        this.heard.set(samples, this.heard.length - samples.length);
        this.since += samples.length;
        if (this.since >= EVERY) {
            this.since = 0;
            this.port.postMessage(this.detector.hear(this.heard));
        }
        return true;
    }
}

registerProcessor('lira-listener', Listener);
