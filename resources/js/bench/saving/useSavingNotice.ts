import { useEffect } from 'react';
import { tell, untell, type Notice } from '../../ui/notices';
import type { SetActions } from '../commands/useSetActions';
import type { SaveState } from './saver';

const ABOUT = 'saving';

function notice(state: SaveState, { save, keepMine }: SetActions): Notice | null {
    const again = [{ label: 'Try now', run: save }];
    switch (state.is) {
        case 'offline':
            return {
                tone: 'caution',
                message:
                    'Lira’s server does not answer. Your changes are kept in this browser and tried again; the figures are the last there were.',
                actions: again,
            };
        case 'failed':
            return {
                tone: 'caution',
                message: `Not saved yet: ${state.message} Your changes are kept and tried again.`,
                actions: again,
            };
        case 'refused':
            return { tone: 'stop', message: `Not saved: ${state.message}`, actions: [] };
        case 'conflict':
            return {
                tone: 'stop',
                message: state.message,
                actions: [
                    { label: 'Keep mine as new', run: keepMine },
                    { label: 'See the other', run: () => window.location.reload() },
                ],
            };
        default:
            return null;
    }
}

/** Tells in the one place for it why the design is not saved, and what can be done. */
export function useSavingNotice(state: SaveState, actions: SetActions): void {
    useEffect(() => {
        const now = notice(state, actions);
        // Between two tries it is still so.
        if (now !== null) {
            tell(ABOUT, now);
        } else if (state.is === 'saved') {
            untell(ABOUT);
        }
    }, [state, actions]);
    useEffect(() => () => untell(ABOUT), []);
}
