import { useState } from 'react';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { copied } from '../../ui/copied';
import { Dialog } from '../../ui/Dialog';
import { Select } from '../../ui/Select';
import { AddressPart } from './AddressPart';
import { keep, pictureOf } from './picture';
import { setsExport, setsFit, setsPicture, setsPlan, setsSheet } from '../../generated/addresses/sets';
import { withAsked } from '../../server/asked';

/** Each page's address, by what it is called there. */
const PAGES = { sheet: setsSheet, fit: setsFit, plan: setsPlan };

type What = keyof typeof PAGES;

const SHEETS: { value: What; label: string }[] = [
    { value: 'sheet', label: 'Its sheet: gauges, tunings, tensions' },
    { value: 'fit', label: 'Whether it fits the instrument' },
    { value: 'plan', label: 'How it goes on' },
];

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    set: { id: number; name: string };
    /** Which of its tunings the picture shows. */
    tuning: number;
    /** What it is as text; null where that is not known here. */
    text: string | null;
    /** What has to be done before it is read from the server, such as saving it. */
    before?: () => Promise<unknown>;
}

/** A set for somebody else: as text, as a picture, as a document, and its sheets as files or under an address. */
export function ShareSet({ open, onOpenChange, set, tuning, text, before }: Props) {
    const [what, setWhat] = useState<What>('sheet');
    const { act, busy, problem } = useAct();
    const go = (address: string) =>
        act(async () => {
            await before?.();
            // It comes as a file: this page stays.
            window.location.assign(address);
        });
    const picture = () =>
        act(async () => {
            await before?.();
            keep(await pictureOf(withAsked(setsPicture(set.id), { tuning })), `${fileName(set.name)}.png`);
        });
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Share it" description={set.name}>
            <h3 className="font-semibold">The set</h3>
            <div className="mt-2 flex flex-wrap gap-2">
                {text !== null && <Button onClick={() => void shareText(set.name, text)}>As text</Button>}
                <Button disabled={busy} onClick={picture}>
                    As a picture
                </Button>
                <Button disabled={busy} onClick={() => go(setsExport(set.id))}>
                    As a document
                </Button>
            </div>
            <p className="mt-1.5 text-ink-soft">The document is dropped onto Sets in another Lira, and is there as it is here.</p>
            <h3 className="mt-4 font-semibold">A page about it</h3>
            <div className="mt-2 grid gap-2">
                <Select
                    label="Which page"
                    value={what}
                    choices={SHEETS}
                    onChange={(value) => setWhat(SHEETS.find((each) => each.value === value)?.value ?? 'sheet')}
                />
                <div className="flex flex-wrap gap-2">
                    <Button disabled={busy} onClick={() => go(withAsked(PAGES[what](set.id), { paper: 'page' }))}>
                        As one file (HTML)
                    </Button>
                    <a className={buttonClass.plain} href={PAGES[what](set.id)} target="_blank" rel="noreferrer">
                        As PDF, to print
                    </a>
                </div>
            </div>
            {problem !== undefined && (
                <p role="alert" className="mt-2 text-stop">
                    {problem}
                </p>
            )}
            <AddressPart key={what} shown={{ what, set: set.id }} {...(before === undefined ? {} : { before })} />
        </Dialog>
    );
}

const fileName = (name: string) =>
    name
        .normalize('NFD')
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .replaceAll(/^-|-$/g, '') || 'set';

/** Through the device where it can, else as a copy. */
async function shareText(title: string, text: string) {
    if (typeof navigator.share === 'function') {
        try {
            await navigator.share({ title, text });
        } catch {
            // Whoever shares may think better of it.
        }
        return;
    }
    await copied(text, 'The set is copied as text, to paste wherever it goes.', 'Print the sheet instead.');
}
