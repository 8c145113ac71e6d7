import { useEffect, useRef } from 'react';

/** What is open over the page, the last one last, and how each is closed. */
const open: (() => void)[] = [];

const MARK = 'liraOver';

type Marked = Record<string, unknown> | null;

/** The address at which the present entry of the history stands for what is or was open there; null elsewhere. */
let stands: string | null = null;

/** Sees to it that an entry of the history stands for what is open. */
function standFor(): void {
    const state = window.history.state as Marked;
    if (state?.[MARK] !== true) {
        window.history.pushState({ ...state, [MARK]: true }, '');
    }
    stands = window.location.href;
}

/** Sees to it that Back closes what is open over the page. To be called before anything else listens to the history. */
export function letBackClose(): void {
    window.addEventListener('popstate', (event) => {
        const left = stands;
        const arrivedAtMark = (event.state as Marked)?.[MARK] === true;
        stands = null;
        const close = open.pop();
        if (close !== undefined) {
            // The page stays as it is: whoever follows the history must not hear of it.
            event.stopImmediatePropagation();
            if (open.length > 0) {
                standFor();
            }
            close();
        } else if (arrivedAtMark || left === window.location.href) {
            // An entry that stood for something closed otherwise is passed over, and so is the step from it to its own page.
            event.stopImmediatePropagation();
            window.history.back();
        }
    });
    // Another page: the entry that stood for something is behind it now.
    document.addEventListener('inertia:navigate', () => {
        if (stands !== window.location.href) {
            stands = null;
        }
    });
}

/** Lets Back close this while it is open. */
export function useBackCloses(isOpen: boolean, close: () => void): void {
    const present = useRef(close);
    useEffect(() => {
        present.current = close;
    });
    useEffect(() => {
        if (!isOpen) {
            return undefined;
        }
        const mine = () => present.current();
        standFor();
        open.push(mine);
        return () => {
            const at = open.indexOf(mine);
            if (at >= 0) {
                open.splice(at, 1);
            }
        };
    }, [isOpen]);
}
