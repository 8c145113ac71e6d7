import { pitchLabel } from '../../units/pitch';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import type { JobNow } from '../useJob';

/** Which string it is about. */
export function StringChoice({
    now,
    position,
    onChange,
}: {
    now: JobNow;
    position: number;
    onChange: (position: number) => void;
}) {
    return (
        <Field label="String">
            <Select
                value={String(position)}
                choices={now.job.strings.map((string) => ({
                    value: String(string.position),
                    label: `${string.position}, ${pitchLabel(string.pitch)}`,
                }))}
                onChange={(chosen) => onChange(Number(chosen))}
            />
        </Field>
    );
}
