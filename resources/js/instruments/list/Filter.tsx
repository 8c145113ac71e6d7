import { Select } from '../../ui/Select';

const ALL = 'all';

export interface FilterProps {
    label: string;
    all: string;
    values: string[];
    value: string | null;
    onChange: (value: string | null) => void;
}

/** Only those with one of the values there are. */
export function Filter({ label, all, values, value, onChange }: FilterProps) {
    const known = [...new Set(values)].filter((each) => each !== '').sort((a, b) => a.localeCompare(b));
    return (
        known.length > 1 && (
            <div className="w-44">
                <Select
                    label={label}
                    value={value ?? ALL}
                    choices={[{ value: ALL, label: all }, ...known.map((each) => ({ value: each, label: each }))]}
                    onChange={(chosen) => onChange(chosen === ALL ? null : chosen)}
                />
            </div>
        )
    );
}
