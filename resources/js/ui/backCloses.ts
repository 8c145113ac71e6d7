import { useEffect, useRef } from 'react';

/** What is open over the page, the last one last, and how each is closed. */
const open: (() => void)[] = [];

const MARK = 'liraOver';

type Marked = Record<string, unknown> | null;

/** Where fingers are, Back is a button of the device, and closes what is open before it leaves the page. */
const byFinger = () => window.matchMedia('(pointer: coarse)').matches;

/** Sees to it that Back closes what is open over the page. To be called before anything else listens to the history. */
export function letBackClose(): void {
    window.addEventListener('popstate', (event) => {
        const close = open.pop();
        if (close !== undefined) {
            // The page stays as it is: whoever follows the history must not hear of it.
            event.stopImmediatePropagation();
            close();
        } else if ((event.state as Marked)?.[MARK] === true) {
            // An entry that stood for something closed otherwise is passed over.
            event.stopImmediatePropagation();
            window.history.back();
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
        if (!isOpen || !byFinger()) {
            return undefined;
        }
        const mine = () => present.current();
        if ((window.history.state as Marked)?.[MARK] !== true) {
            window.history.pushState({ ...(window.history.state as Marked), [MARK]: true }, '');
        }
        open.push(mine);
        return () => {
            const at = open.indexOf(mine);
            if (at >= 0) {
                open.splice(at, 1);
            }
        };
    }, [isOpen]);
}
