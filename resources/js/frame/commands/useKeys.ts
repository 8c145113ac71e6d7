import { useEffect } from 'react';
import { isLetter, pressedKeys } from './commands';
import { useLetters } from './letters';
import { providedHere } from './provided';

/** Where keys are somebody's typing, or choose in something that is open. */
const TAKEN =
    'input, textarea, select, [contenteditable], [role="dialog"], [role="menu"], [role="listbox"], [role="alertdialog"]';

/**
 * The keys of all commands that are lent: not while one types or something is open over the page. Single letters only from within the
 * page's own work, and only where they are not switched off.
 */
export function useKeys(): void {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const target = event.target instanceof Element ? event.target : null;
            const typing = target?.closest(TAKEN) != null;
            const atWork = target === document.body || target?.closest('#main') != null;
            const pressed = pressedKeys(event);
            if (event.defaultPrevented || (isLetter(pressed) && (!atWork || !useLetters.getState().on))) {
                return;
            }
            const rests = typing || providedHere().some(({ busy }) => busy);
            const command = providedHere()
                .flatMap(({ commands }) => commands)
                .find(({ keys, always }) => keys === pressed && (!rests || always === true));
            if (command === undefined) {
                return;
            }
            event.preventDefault();
            if (command.disabled !== true) {
                command.run();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, []);
}
