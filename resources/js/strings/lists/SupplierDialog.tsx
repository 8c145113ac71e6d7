import type { Supplier } from '../../generated/views';
import { useState, type SyntheticEvent } from 'react';
import { ask, asRefused, type Refused } from '../../server/api';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { KeepBoth } from '../../ui/KeepBoth';
import { readNumber } from '../../units/typed';
import { suppliersStore } from '../../generated/addresses/places';
import { suppliersUpdate } from '../../generated/addresses/suppliers';

interface Props {
    supplier: Supplier | null;
    /** What a new one begins with, as it is usual in this workshop. */
    usual: { currency: string; lead_days: number };
    onClose: (changed: boolean) => void;
}

const money = (cents: number | null) => (cents === null ? '' : (cents / 100).toFixed(2));
/** What is no amount goes as it was typed, so that it is told rather than lost. */
const cents = (typed: string) => {
    const amount = readNumber(typed);
    return typed.trim() === '' ? null : amount === null ? typed : Math.round(amount * 100);
};

/** What is known of a supplier. */
export function SupplierDialog({ supplier, usual, onClose }: Props) {
    const [draft, setDraft] = useState({
        name: supplier?.name ?? '',
        currency: supplier?.currency ?? usual.currency,
        shipping: money(supplier?.shipping_cents ?? 0),
        free: money(supplier?.free_from_cents ?? null),
        days: String(supplier?.lead_days ?? usual.lead_days),
    });
    const [refused, setRefused] = useState<Refused | null>(null);
    const send = async (of: Supplier | null, name: string) => {
        try {
            await ask(of === null ? suppliersStore : suppliersUpdate(of.id), {
                method: of === null ? 'POST' : 'PUT',
                body: {
                    name,
                    currency: draft.currency.toUpperCase(),
                    shipping_cents: cents(draft.shipping),
                    free_from_cents: cents(draft.free),
                    lead_days: readNumber(draft.days) ?? draft.days,
                    revision: of?.revision,
                },
            });
            onClose(true);
        } catch (error) {
            setRefused(asRefused(error));
        }
    };
    const save = (event: SyntheticEvent) => {
        event.preventDefault();
        void send(supplier, draft.name);
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
            <form onSubmit={save} className="grid grid-cols-2 gap-3">
                <div className="col-span-2">{field('Name', 'name', '/name')}</div>
                {field('Currency', 'currency', '/currency')}
                {field('A parcel comes in, days', 'days', '/lead_days')}
                {field('A parcel costs', 'shipping', '/shipping_cents')}
                {field('Free from', 'free', '/free_from_cents')}
                {refused?.status === 409 ? (
                    <KeepBoth
                        message={refused.message}
                        onKeep={() => void send(null, `${draft.name.slice(0, 110)}, mine`)}
                        onSee={() => onClose(true)}
                    />
                ) : (
                    other !== undefined && (
                        <p role="alert" className="col-span-2 text-stop">
                            {other}
                        </p>
                    )
                )}
                <button type="submit" disabled={refused?.status === 409} className={`${buttonClass.strong} col-span-2 mt-1`}>
                    {supplier === null ? 'Add supplier' : 'Save'}
                </button>
            </form>
        </Dialog>
    );
}
