import type { ReactNode } from 'react';
import type { StringTree } from '../../lib/formats';
import { formatLength, useUnits, type Units } from '../../lib/units';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { CHOICES, GROUPS, type Group, type Measure, type MeasureDraft } from './measures';
import { MeasureDrawing } from './MeasureDrawing';
import { TreeFields } from './TreeFields';

interface Props {
    draft: MeasureDraft;
    trees: StringTree[];
    strings: number;
    onDraft: (draft: MeasureDraft) => void;
    onTrees: (trees: StringTree[]) => void;
    error: (path: string) => string | undefined;
}

/** What was measured on the instrument besides its scale, each group with a drawing of where to measure. */
export function MeasureFields({ draft, trees, strings, onDraft, onTrees, error }: Props) {
    const change = (path: string, typed: string) => onDraft({ ...draft, [path]: typed });
    return (
        <div className="grid gap-8 md:col-span-2">
            <section aria-label="How it is strung">
                <h2 className="border-b border-ink pb-1 text-lg font-bold">How it is strung</h2>
                <div className="mt-3 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
                    {CHOICES.map(({ path, label, names }) => (
                        <Field key={path} label={label} error={error(`/${path}`)}>
                            <Select
                                value={draft[path] === '' || draft[path] === undefined ? 'unknown' : draft[path]}
                                onChange={(value) => change(path, value === 'unknown' ? '' : value)}
                                choices={[
                                    { value: 'unknown', label: 'not said' },
                                    ...Object.entries(names).map(([value, name]) => ({ value, label: name })),
                                ]}
                            />
                        </Field>
                    ))}
                </div>
            </section>
            {GROUPS.map((group) => (
                <MeasureGroup key={group.name} group={group} draft={draft} onChange={change} error={error}>
                    {group.drawing === 'headstock' && (
                        <TreeFields trees={trees} strings={strings} onTrees={onTrees} error={error} />
                    )}
                </MeasureGroup>
            ))}
        </div>
    );
}

interface GroupProps {
    group: Group;
    draft: MeasureDraft;
    onChange: (path: string, typed: string) => void;
    error: (path: string) => string | undefined;
    children: ReactNode;
}

function MeasureGroup({ group, draft, onChange, error, children }: GroupProps) {
    return (
        <section aria-label={group.name}>
            <h2 className="border-b border-ink pb-1 text-lg font-bold">{group.name}</h2>
            <p className="mt-1 text-ink-soft">Tells {group.tells}. Leave empty what was not measured.</p>
            <div className="mt-3 grid gap-x-10 gap-y-4 md:grid-cols-[minmax(0,1fr)_20rem]">
                <div>
                    <div className="grid content-start gap-x-4 gap-y-3 sm:grid-cols-2">
                        {group.measures.map((measure) => (
                            <MeasureField
                                key={measure.path}
                                measure={measure}
                                typed={draft[measure.path] ?? ''}
                                onChange={(typed) => onChange(measure.path, typed)}
                                error={error(`/${measure.path}`)}
                            />
                        ))}
                    </div>
                    {children}
                </div>
                {group.drawing !== null && <MeasureDrawing of={group.drawing} />}
            </div>
        </section>
    );
}

function assumedWords(assumed: string, quantity: Measure['quantity'], units: Units): string {
    return quantity === 'length' ? formatLength(Number(assumed), units) : assumed;
}

interface FieldProps {
    measure: Measure;
    typed: string;
    onChange: (typed: string) => void;
    error: string | undefined;
}

function MeasureField({ measure, typed, onChange, error }: FieldProps) {
    const units = useUnits();
    const { label, letter, quantity, each = false, assumed } = measure;
    const unit = { length: units.length, tension: units.tension, degrees: '°', count: null, rate: null }[quantity];
    const hint = each
        ? 'One for all, or one for each string from string 1'
        : assumed !== undefined && typed === ''
          ? `${assumedWords(assumed, quantity, units)} is assumed until it is measured`
          : undefined;
    return (
        <Field
            label={
                <>
                    {letter !== undefined && <span className="mr-1.5 font-bold text-accent">{letter}</span>}
                    {label}
                    {unit !== null && `, ${unit}`}
                </>
            }
            hint={hint}
            error={error}
        >
            <input
                className={fieldClass}
                inputMode={each ? 'text' : 'decimal'}
                autoComplete="off"
                value={typed}
                onChange={(event) => onChange(event.target.value)}
            />
        </Field>
    );
}
