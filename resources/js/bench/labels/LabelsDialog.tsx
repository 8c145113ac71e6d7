import { useState } from 'react';
import { FIRST_STOCK, LabelStockFields, stockQuery } from '../../documents/LabelStockFields';
import { ask } from '../../server/api';
import { buttonClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { tellFailure } from '../../ui/toasts';
import { setsCard, setsLabelled, setsLabels } from '../../generated/addresses/sets';
import { withAsked } from '../../server/asked';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    set: number;
}

/** Labels for the packets of a set's strings, on a common sheet, and a card in fitting order. */
export function LabelsDialog({ open, onOpenChange, set }: Props) {
    const [stock, setStock] = useState(FIRST_STOCK);
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Labels for the packets"
            description="Each string’s number, note and gauge, with as many notches as its number: neighbours cannot be swapped."
        >
            <div className="grid gap-3">
                <LabelStockFields stock={stock} onStock={setStock} />
                <div className="mt-1 flex flex-wrap gap-2">
                    <a
                        className={buttonClass.strong}
                        href={withAsked(setsLabels(set), stockQuery(stock))}
                        target="_blank"
                        rel="noreferrer"
                        onClick={() => void ask(setsLabelled(set), { method: 'POST' }).catch(tellFailure)}
                    >
                        Labels (to print)
                    </a>
                    <a
                        className={buttonClass.plain}
                        href={withAsked(setsCard(set), { paper: stock.stock.startsWith('letter') ? 'letter' : 'a4' })}
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
