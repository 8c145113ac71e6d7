import type { Sheet } from '../../generated/views';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode, type Dispatch, type SetStateAction } from 'react';
import { ask } from '../../server/api';
import { pitchLabel } from '../../units/pitch';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge, formatLength, lengthFigure, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Glyph } from '../../ui/Glyph';
import { TypedInput } from '../../ui/TypedInput';
import { price } from '../supply';
import { AddToDrawer } from '../drawer/AddToDrawer';
import { CrossSection } from './CrossSection';
import { Explained } from '../../ui/Explained';
import { benchShow } from '../../generated/addresses/bench';
import { stringsShow } from '../../generated/addresses/strings';
import { withAsked } from '../../server/asked';

const SOURCES = { modelled: 'modelled', supplied: 'said by the supplier', measured: 'measured here' };
const ENDS = { ball: 'ball end', loop: 'loop end', bare: 'no ball, no loop' };

interface Props {
    id: number;
    onClose: () => void;
}

/** One string: cut across, what it weighs and who says so, what it suits, what it costs, where it is used. */
export function StringSheet({ id, onClose }: Props) {
    const units = useUnits();
    const [scaleMm, setScaleMm] = useState(648);
    const { data: sheet, error } = useQuery({
        queryKey: ['string', id, scaleMm],
        queryFn: ({ signal }) => ask<Sheet>(withAsked(stringsShow(id), { scale_mm: scaleMm }), { signal }),
        placeholderData: keepPreviousData,
    });
    if (sheet === undefined) {
        return <p className="p-4 text-ink-soft">{error === null ? 'Looking…' : error.message}</p>;
    }
    return (
        <aside
            aria-label="The string"
            className="min-w-0 border-l border-rule pl-6 max-lg:border-t max-lg:border-l-0 max-lg:pt-4 max-lg:pl-0"
        >
            <div className="flex items-start justify-between gap-2">
                <h2 className="text-lg font-bold">{sheet.name === '' ? sheet.code : sheet.name}</h2>
                <Button look="quiet" className="h-8 w-8 shrink-0 px-0" aria-label="Close" onClick={onClose}>
                    <Glyph sign="close" />
                </Button>
            </div>
            <p className="text-ink-soft">
                {formatGauge(gaugeInches(sheet), units)} {familyWords(sheet)}
                {sheet.end !== null && `, ${ENDS[sheet.end]}`}
                {sheet.length_mm !== null && `, made ${formatLength(sheet.length_mm, units)} long`}
            </p>
            <MadeAs sheet={sheet} />
            <AddToDrawer
                key={sheet.id}
                string={sheet.id}
                name={sheet.name === '' ? sheet.code : sheet.name}
                cents={sheet.cents}
            />
            {sheet.density !== null && (
                <Part title="Linear density" word="linear density">
                    <p>
                        <strong>{grams(sheet.density.kg_per_m)}</strong> ±{(sheet.density.tolerance * 100).toFixed(1)} %,{' '}
                        {SOURCES[sheet.density.source]}
                    </p>
                    {sheet.density.modelled_kg_per_m !== null && sheet.density.off !== null && (
                        <p className="text-sm text-ink-soft">
                            The model says {grams(sheet.density.modelled_kg_per_m)}; this is{' '}
                            {Math.abs(sheet.density.off * 100).toFixed(1)} % {sheet.density.off < 0 ? 'lighter' : 'heavier'}.
                        </p>
                    )}
                </Part>
            )}
            <Part title="What it suits">
                <Suits units={units} scaleMm={scaleMm} setScaleMm={setScaleMm} sheet={sheet} />
            </Part>
            <UsedIn sheet={sheet} />
        </aside>
    );
}

function grams(kgPerM: number): string {
    return `${(kgPerM * 1000).toPrecision(4)} g/m`;
}

function Part({ title, word, children }: { title: string; word?: string; children: ReactNode }) {
    return (
        <section aria-label={title} className="mt-4">
            <h3 className="mb-1 border-b border-rule pb-1 font-bold">
                {word === undefined ? title : <Explained word={word}>{title}</Explained>}
            </h3>
            {children}
        </section>
    );
}

/** How it is made, drawn and in figures. */
function MadeAs({ sheet }: { sheet: Sheet }) {
    return (
        <div className="mt-2 grid grid-cols-[190px_1fr] gap-x-5">
            {sheet.section === null ? (
                <p className="text-sm text-ink-soft">It cannot be modelled, so it is not drawn.</p>
            ) : (
                <CrossSection section={sheet.section} construction={sheet.construction} material={sheet.material} />
            )}
            <dl className="content-start text-sm [&_dd]:mb-1.5 [&_dt]:text-ink-soft">
                <dt>Order code</dt>
                <dd>{sheet.code}</dd>
                <dt>Supplier</dt>
                <dd>{sheet.supplier}</dd>
                <dt>Price</dt>
                <dd>
                    {price(sheet.cents, sheet.currency)}
                    {sheet.box_of !== null && sheet.box_cents !== null && (
                        <>
                            , {price(sheet.box_cents, sheet.currency)} for {sheet.box_of}
                        </>
                    )}
                </dd>
                {sheet.section?.core != null && sheet.section.layers_mm.length > 0 && (
                    <>
                        <dt>Core</dt>
                        <dd>
                            {sheet.section.core.shape}, {sheet.section.core.size_mm.toFixed(3)} mm
                        </dd>
                    </>
                )}
            </dl>
        </div>
    );
}

/** What it suits at a length. */
function Suits({
    units,
    scaleMm,
    setScaleMm,
    sheet,
}: {
    units: Units;
    scaleMm: number;
    setScaleMm: Dispatch<SetStateAction<number>>;
    sheet: Sheet;
}) {
    return (
        <div className="grid grid-cols-[8rem_1fr] items-end gap-3">
            <Field label={`Length, ${units.length}`}>
                <TypedInput
                    className={fieldClass}
                    inputMode="decimal"
                    shown={lengthFigure(scaleMm, units)}
                    onTake={(typed) => {
                        const mm = readLength(typed, units);
                        if (mm !== null && mm >= 100 && mm <= 2000) {
                            setScaleMm(mm);
                        }
                    }}
                />
            </Field>
            {sheet.suits === null ? (
                <p>Nothing: it would break before it stops flapping.</p>
            ) : (
                <p aria-live="polite">
                    <strong>
                        {pitchLabel(sheet.suits.low ?? '?')} to {pitchLabel(sheet.suits.high ?? '?')}
                    </strong>
                    , {pitchLabel(sheet.suits.usual ?? '?')} feels usual on {/^[aeiou]/.test(sheet.kind) ? 'an' : 'a'}{' '}
                    {sheet.kind}
                    {sheet.suits.breaks && '; above that it may break'}
                </p>
            )}
        </div>
    );
}

/** In which sets it is used. */
function UsedIn({ sheet }: { sheet: Sheet }) {
    return (
        <Part title="Where it is used">
            {sheet.uses.length === 0 ? (
                <p className="text-ink-soft">In no set.</p>
            ) : (
                <ul>
                    {sheet.uses.map((use) => (
                        <li key={`${use.id} ${use.position}`}>
                            <a className="inline-block min-h-target text-accent hover:underline" href={benchShow(use.id)}>
                                {use.name}
                            </a>
                            , string {use.position}
                        </li>
                    ))}
                </ul>
            )}
        </Part>
    );
}
