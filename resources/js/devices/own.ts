import { create } from 'zustand';

/** By what strings are heard. */
export type Source = 'practice' | 'microphone' | 'typed';

export const SOURCES: { value: Source; label: string }[] = [
    { value: 'typed', label: 'another tuner, typed' },
    { value: 'microphone', label: 'the microphone' },
    { value: 'practice', label: 'a simulated instrument' },
];

/** The tools of whoever sits at this device: by what strings are heard, how far that is off, on which scale they are weighed. */
interface OwnTools {
    source: Source;
    /** By how much the tuner is off, cents, as it was typed. */
    offset: string;
    /** Which microphone, as the browser knows it; empty for the usual one. */
    microphone: string;
    scale: string;
}

const KEY = 'lira.tools';
const NONE: OwnTools = { source: 'typed', offset: '0', microphone: '', scale: 'jeweller' };

function read(): OwnTools {
    try {
        const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, unknown>;
        const word = (key: keyof OwnTools) => (typeof kept[key] === 'string' ? kept[key] : NONE[key]);
        const source = word('source');
        return {
            source: source === 'microphone' || source === 'practice' ? source : 'typed',
            offset: word('offset'),
            microphone: word('microphone'),
            scale: word('scale'),
        };
    } catch {
        return NONE;
    }
}

/** Remembered on this device. */
export const useOwnTools = create<OwnTools & { change: (changed: Partial<OwnTools>) => void }>()((set, get) => ({
    ...read(),
    change: (changed) => {
        set(changed);
        const { source, offset, microphone, scale } = get();
        try {
            localStorage.setItem(KEY, JSON.stringify({ source, offset, microphone, scale }));
        } catch {
            // Not remembered, then.
        }
    },
}));
