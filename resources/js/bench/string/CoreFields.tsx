import { useState } from 'react';
import type { Core, Material } from '../../generated/formats';
import { coreRead, readOf, readsFor, sizeRead, type Read } from '../../units/core';
import { fineLength } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { later } from '../../ui/onDemand';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { TypedInput } from '../../ui/TypedInput';
import * as edits from '../design/edits';
import { useCheckedEdit } from '../design/useCheckedEdit';

const CalliperPanel = later(() => import('../../devices/CalliperPanel').then((module) => module.CalliperPanel));

interface Props {
    position: number;
    core: Core | undefined;
    material: Material;
}

/** A core that was bared and read with a calliper: what hangs on it is then known, not guessed. */
export function CoreFields({ position, core, material }: Props) {
    const units = useUnits();
    const checkedEdit = useCheckedEdit();
    const [read, setRead] = useState<Read>(readOf(core, material));
    const [problem, setProblem] = useState<string | null>(null);
    const [calliper, setCalliper] = useState(false);
    const take = (mm: number | null, how: Read) =>
        void checkedEdit(edits.core(position, mm === null ? null : coreRead(mm, how))).then((refusal) =>
            setProblem(refusal?.message ?? null),
        );
    const typed = (text: string) => {
        const mm = text === '' ? null : readLength(text, units);
        if (text !== '' && mm === null) {
            setProblem(`“${text}” is not a size.`);
        } else {
            take(mm, read);
        }
    };
    return (
        <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2">
            <Field label={`Measured core, ${units.length}`} error={problem ?? undefined}>
                <TypedInput
                    className={fieldClass}
                    data-measure="core"
                    inputMode="decimal"
                    placeholder="not measured"
                    shown={core === undefined ? '' : fineLength(sizeRead(core, read), units, 3).replace(/ \w+$/, '')}
                    onTake={typed}
                />
            </Field>
            <Field label="Read across">
                <Select
                    value={read}
                    choices={readsFor(material)}
                    onChange={(value) => {
                        const mm = core === undefined ? null : sizeRead(core, read);
                        setRead(value as Read);
                        if (mm !== null) {
                            take(mm, value as Read);
                        }
                    }}
                />
            </Field>
            <Button
                look="quiet"
                className="col-span-2 h-8 justify-self-start"
                aria-pressed={calliper}
                onClick={() => setCalliper(!calliper)}
            >
                Try with a simulated calliper
            </Button>
            {calliper && <CalliperPanel onClose={() => setCalliper(false)} className="right-4 lg:right-[20.5rem]" />}
        </div>
    );
}
