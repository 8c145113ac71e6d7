import { useEffect, type RefObject } from 'react';

const ON = new Set([' ', 'Enter', 'PageDown', 'ArrowRight']);
const BACK = new Set(['Backspace', 'PageUp', 'ArrowLeft']);
const TYPED = 'input, textarea, select, [role="combobox"], [role="menu"], [role="dialog"]';

/**
 * Space, Enter or a foot switch go on, Backspace goes back, wherever the focus is not in something that takes keys itself. A key
 * that is held down counts once.
 */
export function useStepKeys(active: boolean, main: RefObject<HTMLButtonElement | null>, onBack: () => void): void {
    useEffect(() => {
        if (!active) {
            return undefined;
        }
        const press = (event: KeyboardEvent) => {
            const at = event.target instanceof HTMLElement ? event.target : document.body;
            if (
                event.defaultPrevented ||
                event.repeat ||
                event.ctrlKey ||
                event.metaKey ||
                event.altKey ||
                at.closest(TYPED) !== null
            ) {
                return;
            }
            // A button that has the focus takes Space and Enter itself.
            const own = (event.key === ' ' || event.key === 'Enter') && at.closest('button, a') !== null;
            if (ON.has(event.key) && !own) {
                event.preventDefault();
                main.current?.click();
            } else if (BACK.has(event.key)) {
                event.preventDefault();
                onBack();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [active, main, onBack]);
}
