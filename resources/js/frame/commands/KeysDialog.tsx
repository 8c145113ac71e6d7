import { clsx } from 'clsx';
import { Dialog } from '../../ui/Dialog';
import { isLetter, keysLabel, type Command } from './commands';
import { useLetters } from './letters';
import type { Provided } from './provided';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    provided: Provided[];
}

const EVERYWHERE: [string, string][] = [
    ['Enter', 'takes what was typed'],
    ['Esc', 'drops what was typed, closes what is open'],
];

/** The keys that work on this page, and whether single letters do. */
export function KeysDialog({ open, onOpenChange, provided }: Props) {
    const { on, turn } = useLetters();
    const keyed = (commands: Command[]) =>
        commands.flatMap(({ keys, name }): [string, string][] =>
            keys === undefined || (!on && isLetter(keys)) ? [] : [[keysLabel(keys), name.replace(/…$/, '')]],
        );
    const lists = provided.flatMap(({ keys }) => keys ?? []);
    const here = provided.flatMap(({ commands }) => keyed(commands));
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Keys that work here"
            width={lists.length === 0 ? 'narrow' : 'wider'}
        >
            <div className={clsx('grid gap-x-8 gap-y-5', lists.length > 0 && 'sm:grid-cols-2')}>
                <KeyList title="On this page" keys={[...here, ...EVERYWHERE]} />
                {lists.map(({ title, keys }) => (
                    <KeyList key={title} title={title} keys={keys} />
                ))}
                <label className={clsx('flex min-h-target items-center gap-2', lists.length > 0 && 'sm:col-span-2')}>
                    <input type="checkbox" checked={on} onChange={(event) => turn(event.target.checked)} />
                    Single letters do something, as long as nothing is being typed
                </label>
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
                    <div key={`${key} ${what}`} className="contents">
                        <dt className="font-semibold whitespace-nowrap">{key}</dt>
                        <dd className="text-ink-soft">{what}</dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}
