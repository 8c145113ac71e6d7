import { useState, type SyntheticEvent } from 'react';
import { ask, asRefused, type Refused } from '../../lib/api';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import type { Supplier } from '../supply';

interface Props {
    supplier: Supplier | null;
    onClose: (changed: boolean) => void;
}

const money = (cents: number | null) => (cents === null ? '' : (cents / 100).toFixed(2));
const cents = (typed: string) => (typed.trim() === '' ? null : Math.round(Number(typed.replace(',', '.')) * 100));

/** What is known of a supplier. */
export function SupplierDialog({ supplier, onClose }: Props) {
    const [draft, setDraft] = useState({
        name: supplier?.name ?? '',
        currency: supplier?.currency ?? 'EUR',
        shipping: money(supplier?.shipping_cents ?? 0),
        free: money(supplier?.free_from_cents ?? null),
        days: String(supplier?.lead_days ?? 3),
    });
    const [refused, setRefused] = useState<Refused | null>(null);
    const save = async (event: SyntheticEvent) => {
        event.preventDefault();
        try {
            await ask(supplier === null ? '/strings/suppliers' : `/strings/suppliers/${supplier.id}`, {
                method: supplier === null ? 'POST' : 'PUT',
                body: {
                    name: draft.name,
                    currency: draft.currency.toUpperCase(),
                    shipping_cents: cents(draft.shipping),
                    free_from_cents: cents(draft.free),
                    lead_days: Number(draft.days),
                },
            });
            onClose(true);
        } catch (error) {
            setRefused(asRefused(error, 'It was not kept. Try again.'));
        }
    };
    const field = (label: string, key: keyof typeof draft, path: string) => (
        <Field label={label} error={refused?.at(path)?.message}>
            <input
                className={fieldClass}
                autoComplete="off"
                value={draft[key]}
                onChange={(event) => setDraft({ ...draft, [key]: event.target.value })}
            />
        </Field>
    );
    const other = refused?.problems.find(({ path }) => path === '')?.message;
    return (
        <Dialog open onOpenChange={() => onClose(false)} title={supplier === null ? 'New supplier' : supplier.name}>
            <form onSubmit={(event) => void save(event)} className="grid grid-cols-2 gap-3">
                <div className="col-span-2">{field('Name', 'name', '/name')}</div>
                {field('Currency', 'currency', '/currency')}
                {field('A parcel comes in, days', 'days', '/lead_days')}
                {field('A parcel costs', 'shipping', '/shipping_cents')}
                {field('Free from', 'free', '/free_from_cents')}
                {other !== undefined && (
                    <p role="alert" className="col-span-2 text-stop">
                        {other}
                    </p>
                )}
                <button type="submit" className={`${buttonClass.strong} col-span-2 mt-1`}>
                    {supplier === null ? 'Add supplier' : 'Save'}
                </button>
            </form>
        </Dialog>
    );
}
