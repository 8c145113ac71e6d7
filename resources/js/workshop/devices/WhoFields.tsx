import type { Device } from '../../generated/views';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';

export type Right = Device['right'];

/** What a device is called, and what it may do. */
export interface Who {
    name: string;
    right: Right;
}

/** What each right is, in a list and where it is chosen. */
export const MAY: Record<Right, { short: string; long: string }> = {
    all: { short: 'may do everything', long: 'Everything, as at this machine' },
    bench: { short: 'may do what is done at the bench', long: 'The bench: jobs, tuning, the log; look at the rest' },
    look: { short: 'may look', long: 'Look, and change nothing' },
    nobody: { short: 'may do nothing', long: 'Nothing' },
};

const GIVEN: Right[] = ['bench', 'all', 'look'];

export function WhoFields({ who, onWho, such = 'Tablet at the window' }: { who: Who; onWho: (who: Who) => void; such?: string }) {
    return (
        <>
            <Field label="Its name" hint={`By which it stands in the list, such as “${such}”`}>
                <input
                    className={fieldClass}
                    value={who.name}
                    maxLength={80}
                    autoComplete="off"
                    onChange={(event) => onWho({ ...who, name: event.target.value })}
                />
            </Field>
            <Field label="What it may do">
                <Select
                    value={who.right}
                    choices={GIVEN.map((right) => ({ value: right, label: MAY[right].long }))}
                    onChange={(right) => onWho({ ...who, right: GIVEN.find((each) => each === right) ?? 'look' })}
                />
            </Field>
        </>
    );
}
