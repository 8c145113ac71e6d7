import { Dialog } from '../ui/Dialog';

const KEYS: [string, string][] = [
    ['↑ ↓', 'to the string above or below, from a string’s mark'],
    ['← →', 'next lighter or heavier gauge'],
    ['Page Up, Page Down', 'pitch a semitone up or down'],
    ['S', 'choose the gauges'],
    ['Tab', 'from pitch to mark to gauge, string by string'],
    ['Enter', 'takes what was typed'],
    ['Esc', 'drops what was typed, closes what is open'],
    ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
    ['Ctrl S', 'save now'],
    ['?', 'this list'],
];

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Keys that work here">
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
                {KEYS.map(([keys, what]) => (
                    <div key={keys} className="contents">
                        <dt className="font-semibold whitespace-nowrap">{keys}</dt>
                        <dd className="text-ink-soft">{what}</dd>
                    </div>
                ))}
            </dl>
        </Dialog>
    );
}
