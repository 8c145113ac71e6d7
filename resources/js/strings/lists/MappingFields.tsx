import type { ImportPreview, Mapping } from '../../generated/views';
import { CONSTRUCTIONS, LIST_FIELDS, MATERIALS } from '../../generated/words';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import type { FieldName } from './importing';
import { Sideways } from '../../ui/Sideways';

const NONE = 'none';

interface Props {
    preview: ImportPreview;
    mapping: Mapping;
    onMapping: (mapping: Mapping) => void;
}

/** Which column says what, in which unit, with the first rows beside it. */
export function MappingFields({ preview, mapping, onMapping }: Props) {
    const columns = [
        { value: NONE, label: 'not in the list' },
        ...preview.header.map((title, index) => ({
            value: String(index),
            label: title.trim() === '' ? `column ${index + 1}` : title.slice(0, 40),
        })),
    ];
    const choose = (field: FieldName, value: string) => {
        const { [field]: _old, ...rest } = mapping.columns;
        onMapping({ ...mapping, columns: value === NONE ? rest : { ...rest, [field]: Number(value) } });
    };
    const missing = (field: FieldName) => mapping.columns[field] === undefined;
    return (
        <>
            <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2 lg:grid-cols-3">
                {LIST_FIELDS.map(({ field, label, needed, units }) => (
                    <div key={field} className="grid grid-cols-[1fr_auto] items-end gap-1.5">
                        <Field label={needed ? `${label} (needed)` : label}>
                            <Select
                                value={missing(field) ? NONE : String(mapping.columns[field])}
                                choices={columns}
                                onChange={(value) => choose(field, value)}
                            />
                        </Field>
                        {units.length > 0 && !missing(field) && (
                            <div className="w-28">
                                <Select
                                    label={`Unit of ${label.toLowerCase()}`}
                                    value={mapping.units[field] ?? units[0]?.[0] ?? ''}
                                    choices={units.map(([value, name]) => ({ value, label: name }))}
                                    onChange={(value) => onMapping({ ...mapping, units: { ...mapping.units, [field]: value } })}
                                />
                            </div>
                        )}
                    </div>
                ))}
                {missing('construction') && (
                    <Field label="All of them are" hint="Where the material does not tell">
                        <Select
                            value={mapping.construction ?? NONE}
                            choices={[
                                { value: NONE, label: 'as the material tells' },
                                ...Object.entries(CONSTRUCTIONS).map(([value, name]) => ({ value, label: name })),
                            ]}
                            onChange={(value) => onMapping({ ...mapping, construction: value === NONE ? null : value })}
                        />
                    </Field>
                )}
                {missing('material') && (
                    <Field label="All of them are made of">
                        <Select
                            value={mapping.material ?? NONE}
                            choices={[
                                { value: NONE, label: 'not said' },
                                ...Object.entries(MATERIALS).map(([value, name]) => ({ value, label: name })),
                            ]}
                            onChange={(value) => onMapping({ ...mapping, material: value === NONE ? null : value })}
                        />
                    </Field>
                )}
            </div>
            <FirstRows preview={preview} mapping={mapping} />
        </>
    );
}

/** The first rows of the file as they are read. */
function FirstRows({ preview, mapping }: { preview: Props['preview']; mapping: Props['mapping'] }) {
    return (
        <Sideways label="The first rows of the file" className="mt-4 border-y border-rule">
            <table className="w-full text-sm">
                <thead>
                    <tr className="text-left text-ink-soft">
                        {preview.header.map((title, index) => (
                            <th key={index} className="px-2 py-1 font-normal whitespace-nowrap">
                                {title}
                                <span className="block font-semibold text-accent">
                                    {LIST_FIELDS.find(({ field }) => mapping.columns[field] === index)?.label ?? '\u00a0'}
                                </span>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {preview.rows.map((row, at) => (
                        <tr key={at} className="border-t border-rule">
                            {preview.header.map((_, index) => (
                                <td key={index} className="max-w-52 truncate px-2 py-1 whitespace-nowrap">
                                    {row[index]}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </Sideways>
    );
}
