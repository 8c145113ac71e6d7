import { useRef, useState } from 'react';
import { useOwnTools, type Source } from '../../devices/own';
import { listenedFor, stoppedAt } from '../../devices/tuner/heard';
import { microphone } from '../../devices/tuner/microphone';
import { simulatedSound, type SimulatedSound } from '../../devices/tuner/simulated';
import { useEar } from '../../devices/tuner/useEar';
import type { NeckSetup, Sound } from '../../generated/formats';
import { apiSounds } from '../../generated/addresses/places';
import type { Playing } from '../../generated/views';
import { ask } from '../../server/api';
import { tellFailure } from '../../ui/toasts';

/** What is read of one string at one fret: open, and stopped; hertz. */
export interface FretRead {
    open: number | null;
    stopped: number | null;
}

export const UNREAD: FretRead = { open: null, stopped: null };

/** How many semitones a fret lies above the string's own tone: a short one, or one under its tuning's capo, begins further up. */
export function semitonesTo(neck: NeckSetup, position: number, fret: number): number {
    return fret - (neck.strings[position - 1]?.frets[0]?.fret ?? 1) + 1;
}

/** Hears a string open and stopped at a fret: by the microphone, or one that is simulated; else it is typed. */
export function useFretEar(plays: Playing, position: number, fret: number, tuning: number, set: string) {
    const above = semitonesTo(plays.neck, position, fret);
    const [source, setSource] = useState<Source>(() => useOwnTools.getState().source);
    const [read, setRead] = useState<FretRead>(UNREAD);
    const [part, setPart] = useState<'open' | 'stopped'>('open');
    const simulated = useRef<SimulatedSound | null>(null);
    const string = plays.open.find((each) => each.position === position);
    const listened = string === undefined ? [] : [part === 'open' ? listenedFor(string, null) : stoppedAt(string, above)];
    const ear = useEar(listened, position, ({ position: heard, hz }) => {
        // What rang before goes on a while: it is not yet the next that is asked for.
        if (heard === position && isMeant(part, hz, read, string?.hz ?? hz, above)) {
            setRead((present) => ({ ...present, [part]: hz }));
        }
    });
    const choose = (chosen: Source) => {
        ear.close();
        simulated.current = null;
        setSource(chosen);
        setRead(UNREAD);
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    const listen = (to: 'open' | 'stopped') => {
        setPart(to);
        setRead((present) => ({ ...present, [to]: null }));
        if (source === 'microphone' && !ear.listening) {
            void ear.open(microphone());
        }
        if (source === 'practice') {
            void pluck(to).catch(tellFailure);
        }
    };
    /** A simulated neck does what this one may at the most: its nut lies high. */
    const pluck = async (to: 'open' | 'stopped') => {
        simulated.current ??= await ear.open(simulatedSound());
        const answer = await ask<Sound>(apiSounds, { method: 'POST', body: set });
        const tone = answer.strings.find((each) => each.position === position)?.tunings[tuning];
        const cents = plays.neck.strings[position - 1]?.frets.find((each) => each.fret === fret)?.cents.high ?? 0;
        if (tone !== undefined) {
            simulated.current?.pluck(tone, to === 'open' ? 1 : 2 ** (above / 12 + cents / 1200), []);
        }
    };
    return { source, choose, read, setRead, part, listen, ear, string, above };
}

/** Further off, it is another fret, or what rang before. */
const MOST_OFF_CENTS = 60;

/** Whether what is heard can be the part that is listened for: stopped, it stands near its fret above the open string. */
export function isMeant(part: 'open' | 'stopped', hz: number, read: FretRead, openHz: number, semitones: number): boolean {
    return part === 'open' || Math.abs(1200 * Math.log2(hz / (read.open ?? openHz)) - 100 * semitones) <= MOST_OFF_CENTS;
}
