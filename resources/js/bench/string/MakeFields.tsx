import { memo } from 'react';
import type { Construction, Material, StringOfSet } from '../../lib/formats';
import { CONSTRUCTIONS, MATERIALS, materialsFor } from '../../lib/strings';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { useBenchActions } from '../benchStore';
import * as edits from '../edits';
import { allowed } from '../lanes/gauges';

interface Props {
    position: number;
    construction: Construction;
    material: Material;
    only: StringOfSet['only'];
    locked: boolean;
}

/** How a string is made: its construction, and its material or wrap. */
export const MakeFields = memo(function MakeFields({ position, construction, material, only, locked }: Props) {
    const { edit } = useBenchActions();
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
                    onChange={(value) => edit(edits.construction(position, value as Construction))}
                />
            </Field>
            <div className="col-span-2">
                <Field label={construction === 'plain' ? 'Material' : 'Wrap'}>
                    <Select
                        value={material}
                        disabled={locked}
                        choices={(materials.includes(material) ? materials : [material, ...materials]).map((value) => ({
                            value,
                            label: MATERIALS[value],
                        }))}
                        onChange={(value) => edit(edits.material(position, value as Material))}
                    />
                </Field>
            </div>
        </>
    );
});
