import { useEffect, useRef } from 'react';
import { pressedKeys, type Command } from './commands';

/**
 * The keys that work anywhere on the Bench: those of its commands, unless one is typing or something is open over it, or
 * is just about to be (`busy`).
 */
export function useBenchKeys(commands: Command[], busy: boolean): void {
    const present = useRef({ commands, busy });
    useEffect(() => {
        present.current = { commands, busy };
    }, [commands, busy]);
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const target = event.target instanceof HTMLElement ? event.target : null;
            const within = target?.closest('input, textarea, [role="dialog"], [role="menu"], [role="listbox"]') != null;
            const typing = within || present.current.busy;
            const pressed = pressedKeys(event);
            const command = present.current.commands.find(({ keys, always }) => keys === pressed && (!typing || always === true));
            if (command === undefined || event.defaultPrevented) {
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
