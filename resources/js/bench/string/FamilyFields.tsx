import { memo, useState } from 'react';
import type { Construction, Material, StringOfSet } from '../../generated/formats';
import { CONSTRUCTIONS, MATERIALS } from '../../generated/words';
import { materialsFor } from '../../units/strings';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import * as edits from '../design/edits';
import type { Edit } from '../design/edits';
import { allowed } from '../lanes/gauges';
import { useCheckedEdit } from '../design/useCheckedEdit';

interface Props {
    position: number;
    construction: Construction;
    material: Material;
    only: StringOfSet['only'];
    locked: boolean;
}

/** How a string is made: its construction, and its material or wrap. */
export const FamilyFields = memo(function FamilyFields({ position, construction, material, only, locked }: Props) {
    const checkedEdit = useCheckedEdit();
    const [problem, setProblem] = useState<string | null>(null);
    const take = (edit: Edit) => void checkedEdit(edit).then((refusal) => setProblem(refusal?.message ?? null));
    const materials = materialsFor(construction);
    return (
        <>
            <Field label="Construction">
                <Select
                    value={construction}
                    disabled={locked}
                    choices={Object.entries(CONSTRUCTIONS)
                        .filter(([value]) => value === construction || allowed({ construction: value as Construction }, only))
                        .map(([value, label]) => ({ value, label: label === 'wound' ? 'round-wound' : label }))}
                    onChange={(value) => take(edits.construction(position, value as Construction))}
                />
            </Field>
            <div className="col-span-2">
                <Field label={construction === 'plain' ? 'Material' : 'Wrap'} error={problem ?? undefined}>
                    <Select
                        value={material}
                        disabled={locked}
                        choices={(materials.includes(material) ? materials : [material, ...materials]).map((value) => ({
                            value,
                            label: MATERIALS[value],
                        }))}
                        onChange={(value) => take(edits.material(position, value as Material))}
                    />
                </Field>
            </div>
        </>
    );
});
