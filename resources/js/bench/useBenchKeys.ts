import { useEffect } from 'react';
import { useBenchStore } from './benchStore';
import type { Saver } from './saver';

/** The keys that work anywhere on the Bench. */
export function useBenchKeys(saver: Saver, actions: { showKeys: () => void; solve: () => void }): void {
    const store = useBenchStore();
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const target = event.target instanceof HTMLElement ? event.target : null;
            const typing = target?.closest('input, textarea, [role="dialog"], [role="menu"]') != null;
            const command = event.ctrlKey || event.metaKey;
            const key = event.key.toLowerCase();
            if (command && key === 's') {
                event.preventDefault();
                void saver.flush();
            } else if (command && key === 'z' && !typing) {
                event.preventDefault();
                if (event.shiftKey) {
                    store.getState().redo();
                } else {
                    store.getState().undo();
                }
            } else if (command && key === 'y' && !typing) {
                event.preventDefault();
                store.getState().redo();
            } else if (event.key === '?' && !typing) {
                event.preventDefault();
                actions.showKeys();
            } else if (key === 's' && !command && !event.altKey && !typing) {
                event.preventDefault();
                actions.solve();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [saver, actions, store]);
}
