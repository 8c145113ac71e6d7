import type { Hearing, Listened } from './listened';
import listener from './listener?worker&url';

/** What the sound thread is told: for which strings to listen. */
export interface ListenFor {
    strings: readonly Listened[];
    wanted: number | null;
}

/** Listens to some sound with the ear, in the browser's sound thread. */
export async function listen(
    context: AudioContext,
    from: AudioNode,
    hear: (hearing: Hearing) => void,
): Promise<(what: ListenFor) => void> {
    await context.audioWorklet.addModule(listener);
    const node = new AudioWorkletNode(context, 'lira-listener', { numberOfOutputs: 0 });
    node.port.onmessage = ({ data }: MessageEvent<Hearing>) => hear(data);
    from.connect(node);
    return (what) => node.port.postMessage(what);
}
