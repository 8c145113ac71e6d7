import type { Supplier } from '../../generated/views';
import { CONSTRUCTIONS, MATERIALS } from '../../generated/words';
import { useUnits } from '../../units/useUnits';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import type { Filters } from '../supply';

const ANY = 'any';

interface Props {
    filters: Filters;
    suppliers: Supplier[];
    onChange: (changed: Partial<Filters>) => void;
}

/** By words, construction, material, gauge and supplier. */
export function FilterFields({ filters, suppliers, onChange }: Props) {
    const units = useUnits();
    const choice = (
        label: string,
        key: 'construction' | 'material' | 'supplier' | 'order',
        choices: [string, string][],
        any?: string,
    ) => (
        <Field label={label}>
            <Select
                value={filters[key] === '' ? ANY : filters[key]}
                choices={[
                    ...(any === undefined ? [] : [{ value: ANY, label: any }]),
                    ...choices.map(([value, name]) => ({ value, label: name })),
                ]}
                onChange={(value) => onChange({ [key]: value === ANY ? '' : value })}
            />
        </Field>
    );
    return (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 py-3 sm:grid-cols-4 lg:grid-cols-[minmax(9rem,1.4fr)_1fr_1.2fr_1.2fr_5rem_5rem_0.9fr_auto]">
            <Field label="Find">
                <input
                    type="search"
                    className={fieldClass}
                    placeholder="Name, code, material"
                    value={filters.words}
                    onChange={(event) => onChange({ words: event.target.value })}
                />
            </Field>
            {choice('Construction', 'construction', Object.entries(CONSTRUCTIONS), 'Every')}
            {choice('Material or wrap', 'material', Object.entries(MATERIALS), 'Every')}
            {choice(
                'Supplier',
                'supplier',
                suppliers.map(({ id, name }) => [String(id), name]),
                'Every',
            )}
            {(['from', 'to'] as const).map((end) => (
                <Field key={end} label={`${end === 'from' ? 'From' : 'To'}, ${units.gauge}`}>
                    <input
                        className={fieldClass}
                        inputMode="decimal"
                        autoComplete="off"
                        aria-label={`${end === 'from' ? 'From' : 'To'}, ${units.gauge}: gauge`}
                        value={filters[end]}
                        onChange={(event) => onChange({ [end]: event.target.value })}
                    />
                </Field>
            ))}
            {choice('In order of', 'order', [
                ['gauge', 'gauge'],
                ['price', 'price'],
                ['code', 'order code'],
            ])}
            <label className="flex h-9 items-center gap-2 self-end whitespace-nowrap">
                <input
                    type="checkbox"
                    checked={filters.drawer}
                    onChange={(event) => onChange({ drawer: event.target.checked })}
                />
                In the drawer
            </label>
        </div>
    );
}
