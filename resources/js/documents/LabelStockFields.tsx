import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';

const STOCKS = [
    { value: 'a4-24', label: 'A4, 24 labels of 70 × 37 mm' },
    { value: 'a4-65', label: 'A4, 65 labels of 38.1 × 21.2 mm' },
    { value: 'letter-30', label: 'Letter, 30 labels of 66.7 × 25.4 mm' },
];

/** A sheet of labels, and how many of it are used up, as typed. */
interface Stock {
    stock: string;
    used: string;
}

export const FIRST_STOCK: Stock = { stock: 'a4-24', used: '0' };

/** As an address asks for it. */
export const stockQuery = ({ stock, used }: Stock) => ({ stock, skip: Math.max(0, Math.round(Number(used)) || 0) });

export function LabelStockFields({ stock, onStock }: { stock: Stock; onStock: (stock: Stock) => void }) {
    return (
        <>
            <Field label="Sheet of labels">
                <Select value={stock.stock} choices={STOCKS} onChange={(value) => onStock({ ...stock, stock: value })} />
            </Field>
            <Field label="Labels used up on the first sheet" hint="They are left empty.">
                <input
                    type="number"
                    min={0}
                    max={64}
                    className={`${fieldClass} max-w-24`}
                    value={stock.used}
                    onChange={(event) => onStock({ ...stock, used: event.target.value })}
                />
            </Field>
        </>
    );
}
