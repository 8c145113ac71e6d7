import type { Heard } from './detector';
import listener from './listener?worker&url';
import type { Reading } from './source';

/** Listens to some sound with the detector, in the browser's sound thread. */
export async function listen(context: AudioContext, from: AudioNode, hear: (reading: Reading | null) => void): Promise<void> {
    await context.audioWorklet.addModule(listener);
    const node = new AudioWorkletNode(context, 'lira-listener', { numberOfOutputs: 0 });
    node.port.onmessage = ({ data }: MessageEvent<Heard | null>) =>
        hear(data === null ? null : { ...data, at: performance.now() });
    from.connect(node);
}
