import type { School } from '../../generated/views';
import { Select } from '../../ui/Select';

/** Every aspect of the work with the school it goes by, and why. */
export function SchoolFields({ schools, onChoose }: { schools: School[]; onChoose: (aspect: string, chosen: string) => void }) {
    return (
        <ul>
            {schools.map((school) => (
                <li
                    key={school.aspect}
                    className="grid items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 sm:grid-cols-[7rem_minmax(0,17rem)_minmax(0,1fr)]"
                >
                    <span className="font-semibold">{school.label}</span>
                    <Select
                        label={school.label}
                        value={school.chosen}
                        choices={school.choices}
                        onChange={(chosen) => onChoose(school.aspect, chosen)}
                    />
                    <span className="text-sm text-ink-soft">{school.reason}</span>
                </li>
            ))}
        </ul>
    );
}
