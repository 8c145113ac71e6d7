import type { EventDied } from '../../generated/formats';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { TypedInput } from '../../ui/TypedInput';
import { readSigned } from '../../units/typed';
import type { JobNow } from '../useJob';

const ENDS: { how: EventDied['data']['how']; where?: NonNullable<EventDied['data']['where']>; label: string }[] = [
    { how: 'dull', label: 'dull' },
    { how: 'corroded', label: 'corroded' },
    { how: 'broken', where: 'ball', label: 'broke at the ball' },
    { how: 'broken', where: 'saddle', label: 'at the saddle' },
    { how: 'broken', where: 'fret', label: 'over a fret' },
    { how: 'broken', where: 'nut', label: 'at the nut' },
    { how: 'broken', where: 'post', label: 'at its post' },
    { how: 'broken', where: 'elsewhere', label: 'elsewhere' },
];
const GIVEN = [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5];
/** As the open format has it. */
const [LEAST_TURNS, MOST_TURNS] = [0.1, 20];

/** What was seen of one string, each in a tap: how the old one had ended, and how many turns the new one really gave. */
export function SeenDialog({ now, position, onClose }: { now: JobNow; position: number; onClose: () => void }) {
    const string = now.job.strings.find((each) => each.position === position);
    const [died, turned] = [string?.died ?? null, string?.turned ?? null];
    const [wrong, setWrong] = useState<string | null>(null);
    const turn = (turns: number | null) => {
        const is = turns !== null && turns >= LEAST_TURNS && turns <= MOST_TURNS;
        setWrong(is ? null : `Type turns from ${LEAST_TURNS} to ${MOST_TURNS}, such as 2.5.`);
        if (is) {
            now.record('turned', { position, turns });
        }
    };
    return (
        <Dialog open onOpenChange={onClose} title={`String ${position}: what was seen`} width="wide">
            <fieldset>
                <legend className="text-lg text-ink-soft">How the old one had ended, where it is otherwise than the rest</legend>
                <div className="mt-1.5 flex flex-wrap gap-2">
                    {ENDS.map(({ how, where = '', label }) => (
                        <Chip
                            key={label}
                            pressed={died === [how, where].filter(Boolean).join(':')}
                            onPress={() => now.record('died', { position, how, where })}
                        >
                            {label}
                        </Chip>
                    ))}
                </div>
            </fieldset>
            <fieldset className="mt-5">
                <legend className="text-lg text-ink-soft">Turns it really gave: the next slack is closer by them</legend>
                <div className="mt-1.5 flex flex-wrap items-end gap-2">
                    {GIVEN.map((turns) => (
                        <Chip key={turns} pressed={turned === turns} onPress={() => turn(turns)}>
                            {String(turns).replace('.5', '½').replace(/^0½/, '½')}
                        </Chip>
                    ))}
                    <span className="w-40">
                        <Field label="or another number" error={wrong ?? undefined}>
                            <TypedInput
                                inputMode="decimal"
                                className={`${fieldClass} h-16 text-xl`}
                                shown={turned === null || GIVEN.includes(turned) ? '' : String(turned)}
                                onTake={(typed) => typed !== '' && turn(readSigned(typed))}
                            />
                        </Field>
                    </span>
                </div>
            </fieldset>
            <div className="mt-5 flex justify-end">
                <Button large look="strong" className="h-16" onClick={onClose}>
                    Back to the string
                </Button>
            </div>
        </Dialog>
    );
}

function Chip({ children, pressed, onPress }: { children: string; pressed: boolean; onPress: () => void }) {
    return (
        <button
            type="button"
            aria-pressed={pressed}
            className="h-16 min-w-16 rounded-field border border-rule-strong bg-sheet px-3 text-xl hover:border-ink aria-pressed:border-accent aria-pressed:bg-accent-wash aria-pressed:font-bold"
            onClick={onPress}
        >
            {children}
        </button>
    );
}
