import { Dialog } from '../../ui/Dialog';
import { keysLabel, type Command } from './commands';

/** The keys of a string's own controls, which are no commands. */
const ON_A_STRING: [string, string][] = [
    ['↑ ↓', 'to the string above or below, from a string’s mark'],
    ['← →', 'next lighter or heavier gauge'],
    ['Page Up, Page Down', 'its pitch a semitone up or down'],
    ['Tab', 'from its number to its pitch, mark, gauge and tension'],
    ['Enter', 'takes what was typed'],
    ['Esc', 'drops what was typed, closes what is open'],
];

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    commands: Command[];
}

export function KeysDialog({ open, onOpenChange, commands }: Props) {
    const keyed = commands.flatMap(({ keys, name }): [string, string][] =>
        keys === undefined ? [] : [[keysLabel(keys), name.replace(/…$/, '')]],
    );
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Keys that work here" width="wider">
            <div className="grid gap-x-8 gap-y-5 overflow-auto sm:grid-cols-2">
                <KeyList title="Anywhere on the Bench" keys={keyed} />
                <KeyList title="On a string" keys={ON_A_STRING} />
            </div>
        </Dialog>
    );
}

function KeyList({ title, keys }: { title: string; keys: [string, string][] }) {
    return (
        <section>
            <h3 className="mb-2 font-bold">{title}</h3>
            <dl className="grid grid-cols-[auto_1fr] content-start gap-x-5 gap-y-1.5">
                {keys.map(([key, what]) => (
                    <div key={key} className="contents">
                        <dt className="font-semibold whitespace-nowrap">{key}</dt>
                        <dd className="text-ink-soft">{what}</dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}
