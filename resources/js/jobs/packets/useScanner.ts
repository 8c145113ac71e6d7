import { useEffect, useRef } from 'react';

/** A scanner that is a keyboard types faster than anybody, and ends with Enter. */
const PAUSE_MS = 80;
const LEAST = 4;

/** Hears codes from a scanner that types, wherever the focus is but in a field. */
export function useScanner(onCode: (typed: string) => void): void {
    const heard = useRef({ text: '', at: 0 });
    const take = useRef(onCode);
    useEffect(() => {
        take.current = onCode;
    });
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            if (event.target instanceof HTMLElement && event.target.closest('input, textarea') !== null) {
                return;
            }
            const now = performance.now();
            if (now - heard.current.at > PAUSE_MS) {
                heard.current.text = '';
            }
            heard.current.at = now;
            if (event.key.length === 1 && event.key !== ' ') {
                heard.current.text += event.key;
            } else if (event.key === 'Enter' && heard.current.text.length >= LEAST) {
                // This Enter is the scanner's, not somebody's who is done.
                event.preventDefault();
                event.stopPropagation();
                take.current(heard.current.text);
                heard.current.text = '';
            }
        };
        window.addEventListener('keydown', press, true);
        return () => window.removeEventListener('keydown', press, true);
    }, []);
}
