import type { Playing } from '../../generated/views';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { ENDS, HIGHEST_CAPO, underToggled, type Ends, type Looked } from './asked';

interface Props {
    looked: Looked;
    onLook: (change: Partial<Looked>) => void;
    plays: Playing;
}

/** What the neck is looked at with: its tuning, where the ends of its strings stand, and a capo. */
export function Looks({ looked, onLook, plays }: Props) {
    const strings = plays.neck.strings.length;
    const found = plays.neck.strings.some((string) => string.found);
    // Where nobody found a saddle they are taken to stand at their best.
    const ends = found ? ENDS : { found: ENDS.best, nut: ENDS.nut };
    return (
        <div className="my-3 flex flex-wrap items-end gap-x-4 gap-y-2">
            {plays.tunings.length > 1 && (
                <div className="w-44">
                    <Field label="Tuning">
                        <Select
                            value={String(looked.tuning)}
                            choices={plays.tunings.map((name, index) => ({
                                value: String(index),
                                label: name === '' ? `Tuning ${index + 1}` : name,
                            }))}
                            onChange={(value) => onLook({ tuning: Number(value) })}
                        />
                    </Field>
                </div>
            )}
            <div className="w-52">
                <Field label="Ends of the strings">
                    <Select
                        value={looked.ends}
                        choices={Object.entries(ends).map(([value, label]) => ({ value, label }))}
                        onChange={(value) => onLook({ ends: value as Ends })}
                    />
                </Field>
            </div>
            <div className="w-36">
                <Field label="Capo, put on as tuned">
                    <Select
                        value={String(looked.capo)}
                        choices={[
                            { value: '0', label: 'none' },
                            ...Array.from({ length: HIGHEST_CAPO }, (_, index) => ({
                                value: String(index + 1),
                                label: `fret ${index + 1}`,
                            })),
                        ]}
                        onChange={(value) => onLook({ capo: Number(value), under: [] })}
                    />
                </Field>
            </div>
            {looked.capo > 0 && (
                <div role="group" aria-label="Strings under the capo" className="flex flex-wrap gap-1">
                    {plays.neck.strings.map(({ position }) => {
                        const held = looked.under.length === 0 || looked.under.includes(position);
                        return (
                            <Button
                                key={position}
                                look={held ? 'strong' : 'plain'}
                                className="h-8 w-8 px-0"
                                aria-label={`String ${position}`}
                                aria-pressed={held}
                                onClick={() => onLook({ under: underToggled(looked.under, position, strings) })}
                            >
                                {position}
                            </Button>
                        );
                    })}
                </div>
            )}
        </div>
    );
}
