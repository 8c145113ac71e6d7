import { clsx } from 'clsx';
import type { ListedFamily, Pool, PoolRule, Supplier } from '../generated/views';
import { router } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { ask, asRefused, type Refused } from '../server/api';
import { familyWords } from '../units/strings';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/TextField';
import { KeepBoth } from '../ui/KeepBoth';
import { tellFailure, toast } from '../ui/toasts';
import { StringsFrame } from './StringsFrame';
import { poolsIndex, poolsStore } from '../generated/addresses/places';
import { poolsDestroy, poolsUnarchive, poolsUpdate } from '../generated/addresses/pools';
import { withAsked } from '../server/asked';
import type { PoolsPage as Props } from '../generated/pages';

/** Named selections of strings that the Bench and solving choose from. */
export default function PoolsPage({ pools, families, suppliers }: Props) {
    const [editing, setEditing] = useState<Pool | 'new' | null>(null);
    const reload = () => router.reload({ only: ['pools'] });
    const remove = async ({ id, name, revision }: Pool) => {
        try {
            await ask(withAsked(poolsDestroy(id), { revision }), { method: 'DELETE' });
            toast(`The pool “${name}” was removed.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(poolsUnarchive(id), { method: 'POST' }).then(reload, tellFailure),
                },
            });
        } catch (error) {
            tellFailure(error);
        }
        reload();
    };
    const words = ({ suppliers: of, families: made, half_gauges: half, drawer }: PoolRule) =>
        [
            of.length === 0 ? 'every supplier' : of.map((id) => suppliers.find((each) => each.id === id)?.name ?? '?').join(', '),
            made.length === 0
                ? 'every kind of string'
                : made.map((key) => families.filter(({ family }) => family === key).map(familyWords)[0] ?? key).join(' · '),
            half ? null : 'no half gauges',
            drawer ? 'only what is in the drawer' : null,
        ]
            .filter((part) => part !== null)
            .join('; ');
    return (
        <StringsFrame
            at={poolsIndex}
            tools={
                <Button look="strong" onClick={() => setEditing('new')}>
                    New pool
                </Button>
            }
        >
            <p className="mt-4 max-w-prose text-ink-soft">
                A pool is what a set may be chosen from: some suppliers, some kinds of string, or what lies in the drawer. Choose
                it on the Bench, under the lanes.
            </p>
            <ul className="mt-3 max-w-4xl">
                {pools.map((pool) => (
                    <li
                        key={pool.id}
                        id={`pool-${pool.id}`}
                        className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2"
                    >
                        <div className="min-w-0 flex-1 basis-80">
                            <h2 className="font-semibold">{pool.name}</h2>
                            <p className="text-sm text-ink-soft">{words(pool.rule)}</p>
                        </div>
                        <span>{pool.gauges} gauges</span>
                        <Button aria-label={`Change ${pool.name}`} onClick={() => setEditing(pool)}>
                            Change
                        </Button>
                        <Button look="quiet" aria-label={`Remove ${pool.name}`} onClick={() => void remove(pool)}>
                            Remove
                        </Button>
                    </li>
                ))}
                {pools.length === 0 && <li className="py-2">No pools yet: sets are chosen from what is usually sold.</li>}
            </ul>
            {editing !== null && (
                <PoolDialog
                    pool={editing === 'new' ? null : editing}
                    families={families}
                    suppliers={suppliers}
                    onClose={(changed) => {
                        setEditing(null);
                        if (changed) {
                            reload();
                        }
                    }}
                />
            )}
        </StringsFrame>
    );
}

interface DialogProps {
    pool: Pool | null;
    families: ListedFamily[];
    suppliers: Supplier[];
    onClose: (changed: boolean) => void;
}

function toggled<T>(values: T[], value: T): T[] {
    return values.includes(value) ? values.filter((each) => each !== value) : [...values, value];
}

function PoolDialog({ pool, families, suppliers, onClose }: DialogProps) {
    const [name, setName] = useState(pool?.name ?? '');
    const [rule, setRule] = useState<PoolRule>(pool?.rule ?? { suppliers: [], families: [], half_gauges: true, drawer: false });
    const [refused, setRefused] = useState<Refused | null>(null);
    const save = async (event: SyntheticEvent) => {
        event.preventDefault();
        try {
            await ask(pool === null ? poolsStore : poolsUpdate(pool.id), {
                method: pool === null ? 'POST' : 'PUT',
                body: { name, rule, revision: pool?.revision },
            });
            onClose(true);
        } catch (error) {
            setRefused(asRefused(error, '/name'));
        }
    };
    const keepMine = () =>
        void ask(poolsStore, { method: 'POST', body: { name: `${name.slice(0, 110)}, mine`, rule } }).then(
            () => onClose(true),
            (error: unknown) => setRefused(asRefused(error, '/name')),
        );
    const conflict = refused?.status === 409;
    const tick = (label: string, checked: boolean, onChange: () => void) => (
        <label key={label} className="flex min-h-7 items-center gap-2">
            <input type="checkbox" checked={checked} onChange={onChange} />
            {label}
        </label>
    );
    return (
        <Dialog open onOpenChange={() => onClose(false)} title={pool === null ? 'New pool' : pool.name} width="wide">
            <form onSubmit={(event) => void save(event)} className="grid gap-4">
                <TextField
                    label="Name"
                    error={conflict ? undefined : refused?.problems[0]?.message}
                    value={name}
                    maxLength={120}
                    onChange={setName}
                />
                <fieldset>
                    <legend className="mb-1 font-semibold">From</legend>
                    <div className="grid gap-x-4 sm:grid-cols-2">
                        {suppliers.map((supplier) =>
                            tick(supplier.name, rule.suppliers.includes(supplier.id), () =>
                                setRule({ ...rule, suppliers: toggled(rule.suppliers, supplier.id) }),
                            ),
                        )}
                    </div>
                    <p className="text-sm text-ink-soft">None ticked: every supplier.</p>
                </fieldset>
                <fieldset>
                    <legend className="mb-1 font-semibold">Made as</legend>
                    <div className="grid gap-x-4 sm:grid-cols-2">
                        {families.map((family) =>
                            tick(familyWords(family), rule.families.includes(family.family), () =>
                                setRule({ ...rule, families: toggled(rule.families, family.family) }),
                            ),
                        )}
                    </div>
                    <p className="text-sm text-ink-soft">None ticked: every make.</p>
                </fieldset>
                <fieldset>
                    <legend className="mb-1 font-semibold">And</legend>
                    {tick('With half gauges, such as 9.5', rule.half_gauges, () =>
                        setRule({ ...rule, half_gauges: !rule.half_gauges }),
                    )}
                    {tick('Only what lies in the drawer', rule.drawer, () => setRule({ ...rule, drawer: !rule.drawer }))}
                </fieldset>
                {conflict && <KeepBoth message={refused.message} onKeep={keepMine} onSee={() => onClose(true)} />}
                <button type="submit" disabled={conflict} className={clsx(buttonClass.strong, 'justify-self-start')}>
                    {pool === null ? 'Make the pool' : 'Save'}
                </button>
            </form>
        </Dialog>
    );
}
