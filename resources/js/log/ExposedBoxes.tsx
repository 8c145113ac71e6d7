import { EXPOSED, type Exposed } from '../units/hours';

/** Where it was, or will be, played. */
export function ExposedBoxes({ exposed, onChange }: { exposed: Exposed[]; onChange: (exposed: Exposed[]) => void }) {
    return (
        <div className="flex flex-wrap gap-x-4" role="group" aria-label="Where it is played">
            {EXPOSED.map(({ name, label }) => (
                <label key={name} className="flex min-h-target items-center gap-1.5">
                    <input
                        type="checkbox"
                        checked={exposed.includes(name)}
                        onChange={(event) =>
                            onChange(event.target.checked ? [...exposed, name] : exposed.filter((each) => each !== name))
                        }
                    />
                    {label}
                </label>
            ))}
        </div>
    );
}
