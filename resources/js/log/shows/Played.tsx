import { type Named } from './named';

export function Played({
    instruments,
    played,
    onChange,
}: {
    instruments: Named[];
    played: number[];
    onChange: (ids: number[]) => void;
}) {
    return (
        <fieldset>
            <legend className="mb-1 text-sm font-medium text-ink-soft">What is played</legend>
            <div className="grid max-h-48 gap-x-6 overflow-y-auto rounded-field border border-rule px-3 py-1.5 sm:grid-cols-2">
                {instruments.length === 0 && <span className="text-ink-soft">There is no instrument yet.</span>}
                {instruments.map(({ id, name, owner }) => (
                    <label key={id} className="flex min-h-target items-center gap-2">
                        <input
                            type="checkbox"
                            checked={played.includes(id)}
                            onChange={(event) =>
                                onChange(event.target.checked ? [...played, id] : played.filter((each) => each !== id))
                            }
                        />
                        {name}
                        {owner !== '' && <span className="text-sm text-ink-soft">{owner}</span>}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
