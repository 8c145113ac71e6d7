import { useEffect, useState } from 'react';
import { fetchAhead, onDemand } from '../../ui/onDemand';
import { Lazily } from '../../ui/Lazily';
import type { Command } from './commands';
import { findEverywhere, useEverywhere } from './everywhere';
import { useLetters } from './letters';
import { keepTyped, stopKeeping } from './meanwhile';
import { everythingHere, useProvided, type Provided } from './provided';
import { useKeys } from './useKeys';

const closed = ({ onOpenChange }: { onOpenChange: (open: boolean) => void }) => onOpenChange(false);
const Palette = onDemand(() => import('./Palette').then((module) => module.Palette), closed);
const KeysDialog = onDemand(() => import('./KeysDialog').then((module) => module.KeysDialog), closed);

type Open = 'palette' | 'keys';

const OPEN = 'lira:open';

/** Opens the palette or the list of keys from wherever one is. */
export function openCommands(what: Open): void {
    window.dispatchEvent(new CustomEvent<Open>(OPEN, { detail: what }));
}

/** The palette, the list of keys and the keys themselves, on every page. */
export function Commands() {
    const [open, setOpen] = useState<Open | null>(null);
    // What could be done when it was opened: below it nothing changes.
    const [here, setHere] = useState<Provided[]>([]);
    const { on: letters, turn } = useLetters();
    const show = (what: Open) => {
        if (what === 'palette') {
            keepTyped();
        }
        setHere(everythingHere());
        setOpen(what);
    };
    const everywhere = useEverywhere();
    const commands: Command[] = [
        ...everywhere,
        { group: 'Go to', name: 'Anything by its name…', keys: 'mod+k', always: true, run: () => show('palette') },
        { group: 'Keys', name: 'Keys that work here', keys: '?', run: () => show('keys') },
        {
            group: 'Keys',
            name: letters ? 'Switch single-letter keys off' : 'Switch single-letter keys on',
            run: () => turn(!letters),
        },
    ];
    useProvided({ commands, busy: open !== null, everywhere: true, find: findEverywhere });
    useKeys();
    useEffect(() => fetchAhead([Palette, KeysDialog]), []);
    useEffect(() => {
        if (open !== 'palette') {
            stopKeeping();
        }
    }, [open]);
    useEffect(() => {
        const opened = (event: Event) => show((event as CustomEvent<Open>).detail);
        window.addEventListener(OPEN, opened);
        return () => window.removeEventListener(OPEN, opened);
    }, []);
    const dialog = (which: Open) => ({
        open: open === which,
        onOpenChange: (now: boolean) => setOpen((present) => (now ? which : present === which ? null : present)),
    });
    return (
        <>
            <Lazily when={open === 'palette'}>
                <Palette {...dialog('palette')} provided={here} />
            </Lazily>
            <Lazily when={open === 'keys'}>
                <KeysDialog {...dialog('keys')} provided={here} />
            </Lazily>
        </>
    );
}
