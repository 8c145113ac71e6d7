import { useState } from 'react';
import { instrumentsLabel } from '../generated/addresses/instruments';
import { withAsked } from '../server/asked';
import { FIRST_STOCK, LabelStockFields, stockQuery } from '../documents/LabelStockFields';
import { buttonClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';

/** A label for the instrument or its case. */
export function LabelDialog({ instrument, onClose }: { instrument: number; onClose: () => void }) {
    const [stock, setStock] = useState(FIRST_STOCK);
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="A label for it"
            description="For the instrument or its case: a phone that reads its square sees what is on it, and its job."
        >
            <div className="grid gap-3">
                <LabelStockFields stock={stock} onStock={setStock} />
                <p className="mt-1">
                    <a
                        className={buttonClass.strong}
                        href={withAsked(instrumentsLabel(instrument), stockQuery(stock))}
                        target="_blank"
                        rel="noreferrer"
                    >
                        Label (to print)
                    </a>
                </p>
            </div>
        </Dialog>
    );
}
