import type { Supplier } from '../generated/views';
import { router } from '@inertiajs/react';
import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { Lazily } from '../ui/Lazily';
import { headsOf, sorted, type SortKeys } from '../ui/Sorted';
import { useAddress } from '../ui/useAddress';
import { fetchAhead, onDemand } from '../ui/onDemand';
import { PackagedDialog } from './lists/PackagedDialog';
import { SupplierDialog } from './lists/SupplierDialog';
import { StringsFrame } from './StringsFrame';
import { price } from './supply';
import { suppliersIndex } from '../generated/addresses/places';
import { suppliersExport } from '../generated/addresses/suppliers';
import type { SuppliersPage as Props } from '../generated/pages';

const ImportDialog = onDemand(
    () => import('./lists/ImportDialog').then((module) => module.ImportDialog),
    ({ onClose }: { onClose: (changed: boolean) => void }) => onClose(false),
);

/** What the columns are ordered by. */
const SUPPLIER_KEYS: SortKeys<Supplier> = {
    name: ({ name }) => name,
    strings: ({ strings }) => strings,
    parcel: ({ shipping_cents }) => shipping_cents,
    free: ({ free_from_cents }) => free_from_cents ?? 0,
    days: ({ lead_days }) => lead_days,
};

/** Who strings are ordered from, and bringing in what they list. */
export default function SuppliersPage({ suppliers, usual }: Props) {
    const [editing, setEditing] = useState<Supplier | 'new' | null>(null);
    const [packaged, setPackaged] = useState<Supplier | null>(null);
    const [importing, setImporting] = useState<Supplier | null>(null);
    useEffect(() => fetchAhead([ImportDialog]), []);
    const [{ order }, look] = useAddress({ order: 'name' });
    const head = headsOf(order, (next) => look({ order: next }));
    const reload = () => router.reload({ only: ['suppliers'] });
    return (
        <StringsFrame
            at={suppliersIndex}
            tools={
                <Button look="strong" onClick={() => setEditing('new')}>
                    New supplier
                </Button>
            }
        >
            {suppliers.length === 0 ? (
                <p className="mt-8 max-w-prose text-ink-soft">
                    No suppliers yet. Add one, then bring in what they sell as a CSV file: their order codes and gauges are
                    enough.
                </p>
            ) : (
                <table className="mt-4 w-full max-w-5xl">
                    <thead>
                        <tr className="border-b border-ink text-left text-sm text-ink-soft">
                            {head('name', 'Supplier', 'pr-4')}
                            {head('strings', 'Strings', 'pr-4 text-right')}
                            {head('parcel', 'A parcel costs', 'pr-4 text-right max-md:hidden')}
                            {head('free', 'Free from', 'pr-4 text-right max-md:hidden')}
                            {head('days', 'Comes in', 'pr-4 text-right max-md:hidden')}
                            <th>
                                <span className="sr-only">What to do</span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {sorted(suppliers, order, SUPPLIER_KEYS).map((supplier) => (
                            <SupplierRow
                                key={supplier.id}
                                supplier={supplier}
                                setImporting={setImporting}
                                setPackaged={setPackaged}
                                setEditing={setEditing}
                            />
                        ))}
                    </tbody>
                </table>
            )}
            {editing !== null && (
                <SupplierDialog
                    usual={usual}
                    supplier={editing === 'new' ? null : editing}
                    onClose={(changed) => {
                        setEditing(null);
                        if (changed) {
                            reload();
                        }
                    }}
                />
            )}
            {packaged !== null && <PackagedDialog supplier={packaged} onClose={() => setPackaged(null)} />}
            <Lazily when={importing !== null}>
                {importing !== null && (
                    <ImportDialog
                        supplier={importing}
                        onClose={(changed) => {
                            setImporting(null);
                            if (changed) {
                                reload();
                            }
                        }}
                    />
                )}
            </Lazily>
        </StringsFrame>
    );
}

/** One supplier, and what can be done with their list. */
function SupplierRow({
    supplier,
    setImporting,
    setPackaged,
    setEditing,
}: {
    supplier: Supplier;
    setImporting: Dispatch<SetStateAction<Supplier | null>>;
    setPackaged: Dispatch<SetStateAction<Supplier | null>>;
    setEditing: Dispatch<SetStateAction<Supplier | 'new' | null>>;
}) {
    return (
        <tr id={`supplier-${supplier.id}`} className="border-b border-rule">
            <td className="py-2 pr-4 font-semibold">{supplier.name}</td>
            <td className="py-2 pr-4 text-right">{supplier.strings.toLocaleString('en')}</td>
            <td className="py-2 pr-4 text-right max-md:hidden">{price(supplier.shipping_cents, supplier.currency)}</td>
            <td className="py-2 pr-4 text-right max-md:hidden">{price(supplier.free_from_cents, supplier.currency)}</td>
            <td className="py-2 pr-4 text-right max-md:hidden">
                {supplier.lead_days} day{supplier.lead_days === 1 ? '' : 's'}
            </td>
            <td className="py-1">
                <div className="flex justify-end gap-1.5 max-md:flex-wrap">
                    <Button aria-label={`Bring in a list of ${supplier.name}`} onClick={() => setImporting(supplier)}>
                        Bring in a list…
                    </Button>
                    <Button look="quiet" aria-label={`Packaged sets of ${supplier.name}`} onClick={() => setPackaged(supplier)}>
                        Sets
                    </Button>
                    <a
                        className={buttonClass.quiet}
                        href={suppliersExport(supplier.id)}
                        aria-label={`Export the list of ${supplier.name}`}
                    >
                        Export
                    </a>
                    <Button look="quiet" aria-label={`Change ${supplier.name}`} onClick={() => setEditing(supplier)}>
                        Change
                    </Button>
                </div>
            </td>
        </tr>
    );
}
