import { useState } from 'react';
import { ask } from '../../server/api';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { tellFailure } from '../../ui/toasts';

const STOCKS = [
    { value: 'a4-24', label: 'A4, 24 labels of 70 × 37 mm' },
    { value: 'a4-65', label: 'A4, 65 labels of 38.1 × 21.2 mm' },
    { value: 'letter-30', label: 'Letter, 30 labels of 66.7 × 25.4 mm' },
];

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    set: number;
}

/** Labels for the packets of a set's strings, on a common sheet, and a card in fitting order. */
export function LabelsDialog({ open, onOpenChange, set }: Props) {
    const [stock, setStock] = useState('a4-24');
    const [skip, setSkip] = useState('0');
    const used = Math.max(0, Math.round(Number(skip)) || 0);
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Labels for the packets"
            description="Each string’s number, note and gauge, with as many notches as its number: neighbours cannot be swapped."
        >
            <div className="grid gap-3">
                <Field label="Sheet of labels">
                    <Select value={stock} choices={STOCKS} onChange={setStock} />
                </Field>
                <Field label="Labels used up on the first sheet" hint="They are left empty.">
                    <input
                        type="number"
                        min={0}
                        max={64}
                        className={`${fieldClass} max-w-24`}
                        value={skip}
                        onChange={(event) => setSkip(event.target.value)}
                    />
                </Field>
                <div className="mt-1 flex flex-wrap gap-2">
                    <a
                        className={buttonClass.strong}
                        href={`/sets/${set}/labels?stock=${stock}&skip=${used}`}
                        target="_blank"
                        rel="noreferrer"
                        onClick={() => void ask(`/sets/${set}/labelled`, { method: 'POST' }).catch(tellFailure)}
                    >
                        Labels (to print)
                    </a>
                    <a
                        className={buttonClass.plain}
                        href={`/sets/${set}/card?paper=${stock.startsWith('letter') ? 'letter' : 'a4'}`}
                        target="_blank"
                        rel="noreferrer"
                    >
                        Card in fitting order
                    </a>
                </div>
            </div>
        </Dialog>
    );
}
