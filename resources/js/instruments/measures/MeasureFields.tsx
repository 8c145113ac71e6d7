import { Explained } from '../../ui/Explained';
import type { ReactNode } from 'react';
import type { StringTree } from '../../generated/formats';
import { useUnits } from '../../units/useUnits';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { CHOICES, GROUPS, type Choice, type Group, type Measure, type MeasureDraft, type Usual } from './measures';
import { onWedgeEnter } from './wedge';
import { assumedOf } from './known';
import { MeasureDrawing } from './MeasureDrawing';
import { TreeFields } from './TreeFields';

interface Props {
    draft: MeasureDraft;
    trees: StringTree[];
    strings: number;
    usual: Usual;
    onDraft: (draft: MeasureDraft) => void;
    onTrees: (trees: StringTree[]) => void;
    error: (path: string) => string | undefined;
}

/** What was measured on the instrument besides its scale, each group with a drawing of where to measure. */
export function MeasureFields({ draft, trees, strings, usual, onDraft, onTrees, error }: Props) {
    const change = (path: string, typed: string) => onDraft({ ...draft, [path]: typed });
    return (
        <div className="grid gap-8 md:col-span-2" onKeyDown={(event) => onWedgeEnter(event, strings, change)}>
            <section aria-label="How it is built">
                <h2 className="border-b border-ink pb-1 text-lg font-bold">How it is built</h2>
                <div className="mt-3 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
                    {CHOICES.map(({ path, label, names, usual: usually }) => (
                        <Field key={path} label={label} error={error(`/${path}`)}>
                            <Select
                                value={draft[path] === '' || draft[path] === undefined ? 'unknown' : draft[path]}
                                onChange={(value) => change(path, value === 'unknown' ? '' : value)}
                                choices={[
                                    { value: 'unknown', label: unsaid(names, usually?.(usual)) },
                                    ...Object.entries(names).map(([value, name]) => ({ value, label: name })),
                                ]}
                            />
                        </Field>
                    ))}
                </div>
            </section>
            {GROUPS.map((group) => (
                <MeasureGroup
                    key={group.name}
                    group={group}
                    draft={draft}
                    strings={strings}
                    usual={usual}
                    onChange={change}
                    error={error}
                >
                    {group.drawing === 'headstock' && (
                        <TreeFields trees={trees} strings={strings} onTrees={onTrees} error={error} />
                    )}
                    {group.name === 'Nut' && (
                        <div className="mt-3 max-w-64">
                            <Field label="Made of" error={error('/hardware/nut/material')}>
                                <input
                                    className={fieldClass}
                                    autoComplete="off"
                                    maxLength={60}
                                    value={draft['hardware/nut/material'] ?? ''}
                                    onChange={(event) => change('hardware/nut/material', event.target.value)}
                                />
                            </Field>
                        </div>
                    )}
                    {group.name === 'Neck' && <NeckCare draft={draft} />}
                </MeasureGroup>
            ))}
        </div>
    );
}

/** What is taken while nothing was chosen. */
function unsaid(names: Choice['names'], usual: string | null | undefined): string {
    return usual === null || usual === undefined ? 'not said' : `not said (usually ${names[usual] ?? usual})`;
}

/** The usual cautions for neck and board, where they apply. */
function NeckCare({ draft }: { draft: MeasureDraft }) {
    const board = draft['neck/fingerboard'];
    const rod = draft['neck/truss_rod'];
    const words = [
        board === 'maple' ? 'Lacquered maple is wiped, never oiled.' : null,
        board === 'rosewood' || board === 'ebony'
            ? 'Bare wood is conditioned sparingly while the strings are off; no polish on it, and oily rags dry flat or in a metal bin.'
            : null,
        rod === 'none' || rod === 'fixed'
            ? 'Its relief cannot be set with a rod: keep the total near what the neck is used to; a bent neck goes to a qualified repairer.'
            : rod === 'one-way' || rod === 'two-way'
              ? 'Turn its rod in small steps; one that resists goes to a qualified repairer.'
              : null,
    ].filter((each) => each !== null);
    return words.length === 0 ? null : (
        <p className="mt-4 max-w-prose border-l-2 border-caution pl-3 text-sm text-ink-soft">{words.join(' ')}</p>
    );
}

interface GroupProps {
    group: Group;
    draft: MeasureDraft;
    strings: number;
    usual: Usual;
    onChange: (path: string, typed: string) => void;
    error: (path: string) => string | undefined;
    children: ReactNode;
}

function MeasureGroup({ group, draft, strings, usual, onChange, error, children }: GroupProps) {
    return (
        <section aria-label={group.name} id={sectionId(group.name)} className="scroll-mt-4">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">
                <Explained word={group.word}>{group.name}</Explained>
            </h2>
            <p className="mt-1 text-ink-soft">Tells {group.tells}. Leave empty what was not measured.</p>
            <div className="mt-3 grid gap-x-10 gap-y-4 md:grid-cols-[minmax(0,1fr)_20rem]">
                <div>
                    <div className="grid content-start gap-x-4 gap-y-3 sm:grid-cols-2">
                        {group.measures.map((measure) => (
                            <MeasureField
                                key={measure.path}
                                measure={measure}
                                typed={draft[measure.path] ?? ''}
                                strings={strings}
                                usual={usual}
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

/** Where a group stands on the page. */
export const sectionId = (group: string) => `measure-${group.toLowerCase().replaceAll(' ', '-')}`;

interface FieldProps {
    measure: Measure;
    typed: string;
    strings: number;
    usual: Usual;
    onChange: (typed: string) => void;
    error: string | undefined;
}

function MeasureField({ measure, typed, strings, usual, onChange, error }: FieldProps) {
    const units = useUnits();
    const { path, label, letter, quantity, each = false } = measure;
    const assumed = assumedOf(measure, usual, strings, units);
    const unit = {
        length: units.length,
        tension: units.tension,
        degrees: '°',
        count: null,
        rate: `${units.tension} per ${units.length}`,
        ratio: null,
        counts: null,
    }[quantity];
    const hint = each
        ? 'One for all, or one for each string from string 1'
        : assumed !== null && typed === ''
          ? `${assumed} is assumed until it is measured`
          : quantity === 'counts' && typed === ''
            ? 'Each string stands alone until it is said'
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
                data-measure={path}
                data-each={each || undefined}
                inputMode={each || quantity === 'counts' ? 'text' : 'decimal'}
                autoComplete="off"
                value={typed}
                onChange={(event) => onChange(event.target.value)}
            />
        </Field>
    );
}
