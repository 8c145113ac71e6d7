import { useCallback, useEffect } from 'react';
import { useAloudOn } from '../../frame/reading/heard';
import type { Frame } from '../frames';

/** What is read aloud of a step: its figure first, then what to do, and what to take care of where hands begin. */
export function spokenOf({ step, part }: Frame): string {
    const figure = part?.figure == null ? '' : `${part.lead ?? ''} ${part.figure.said}. `;
    const caution = (part === null || part.key.startsWith('seat:')) && step.caution !== null ? ` ${step.caution}` : '';
    return figure + (part?.do ?? step.do) + caution;
}

/** Reads aloud with the browser's own voice, where there is one and it is wanted. */
export function useVoice() {
    const can = 'speechSynthesis' in window;
    const wanted = useAloudOn();
    const on = can && wanted.on;
    const speak = useCallback(
        (words: string) => {
            if (on) {
                window.speechSynthesis.cancel();
                window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
            }
        },
        [on],
    );
    useEffect(() => () => (can ? window.speechSynthesis.cancel() : undefined), [can]);
    const toggle = () => {
        if (on) {
            window.speechSynthesis.cancel();
        }
        wanted.turn(!on);
    };
    return { can, on, toggle, speak };
}

export type Voice = ReturnType<typeof useVoice>;
