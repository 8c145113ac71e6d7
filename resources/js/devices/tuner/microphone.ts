import { useOwnTools } from '../own';
import { listen, type ListenFor } from './listen';
import type { TunerSource } from './source';

/** The microphone, asked for only when it is wanted. */
export function microphone(): TunerSource {
    let context: AudioContext | null = null;
    let stream: MediaStream | null = null;
    let tell: ((what: ListenFor) => void) | null = null;
    let what: ListenFor = { strings: [], wanted: null };
    return {
        start: async (hear) => {
            try {
                const { microphone: chosen } = useOwnTools.getState();
                stream = await navigator.mediaDevices.getUserMedia({
                    // What makes speech clear bends a string. One that is not plugged in today gives way to the usual one.
                    audio: {
                        echoCancellation: false,
                        noiseSuppression: false,
                        autoGainControl: false,
                        ...(chosen === '' ? {} : { deviceId: { ideal: chosen } }),
                    },
                });
            } catch {
                throw new Error(
                    'The microphone may not be used, or there is none. Allow it in the browser and try again, or type what another tuner shows.',
                );
            }
            context = new AudioContext();
            await context.resume();
            tell = await listen(context, context.createMediaStreamSource(stream), hear);
            tell(what);
        },
        listenFor: (strings, wanted) => {
            what = { strings, wanted };
            tell?.(what);
        },
        stop: () => {
            stream?.getTracks().forEach((track) => track.stop());
            void context?.close();
            context = stream = tell = null;
        },
    };
}
