import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { fetchAhead, onDemand } from '../../ui/onDemand';
import { Lazily } from '../../ui/Lazily';
import type { Command } from './commands';
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
    const visit = (address: string) => () => router.visit(address);
    const commands: Command[] = [
        { group: 'New', name: 'New set, from what you have', run: visit('/start') },
        { group: 'New', name: 'Add an instrument', run: visit('/instruments/new') },
        { group: 'New', name: 'Begin a job', run: visit('/jobs/new') },
        { group: 'Go to', name: 'Bench', run: visit('/bench') },
        { group: 'Go to', name: 'Sets', run: visit('/sets') },
        { group: 'Go to', name: 'Sets that were put away', run: visit('/sets?away=1') },
        { group: 'Go to', name: 'Instruments', run: visit('/instruments') },
        { group: 'Go to', name: 'Instruments that were put away', run: visit('/instruments?away=1') },
        { group: 'Go to', name: 'Strings', run: visit('/strings') },
        { group: 'Go to', name: 'Strings in the drawer', run: visit('/strings/drawer') },
        { group: 'Go to', name: 'Orders', run: visit('/strings/orders') },
        { group: 'Go to', name: 'Pools', run: visit('/strings/pools') },
        { group: 'Go to', name: 'Suppliers’ lists', run: visit('/strings/suppliers') },
        { group: 'Go to', name: 'Measured strings', run: visit('/strings/measured') },
        { group: 'Go to', name: 'Jobs', run: visit('/jobs') },
        { group: 'Go to', name: 'Log: what is due', run: visit('/log') },
        { group: 'Go to', name: 'Shows', run: visit('/log/shows') },
        { group: 'Go to', name: 'How long strings last', run: visit('/log/life') },
        { group: 'Go to', name: 'Years', run: visit('/log/years') },
        { group: 'Go to', name: 'Workshop: its name and address, units, sound, dates, tuner', run: visit('/workshop') },
        { group: 'Go to', name: 'Ways of working', run: visit('/workshop/ways') },
        { group: 'Go to', name: 'Care, what an hour counts as, time zone', run: visit('/workshop/care') },
        { group: 'Go to', name: 'Owners', run: visit('/workshop/owners') },
        { group: 'Go to', name: 'Copies of the workshop: backup, bring back, demo, space', run: visit('/workshop/copies') },
        { group: 'Go to', name: 'Help', run: visit('/workshop/help') },
        { group: 'Go to', name: 'Words explained', run: visit('/words') },
        { group: 'Go to', name: 'Anything by its name…', keys: 'mod+k', always: true, run: () => show('palette') },
        { group: 'Keys', name: 'Keys that work here', keys: '?', run: () => show('keys') },
        {
            group: 'Keys',
            name: letters ? 'Switch single-letter keys off' : 'Switch single-letter keys on',
            run: () => turn(!letters),
        },
    ];
    useProvided({ commands, busy: open !== null, everywhere: true });
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
