import { useState } from 'react';
import type { EventAgain } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import type { JobNow } from '../useJob';
import { StringChoice } from './StringChoice';

export type NewReason = 'broke' | 'wrong' | 'spare';

const TITLES: Record<NewReason, { title: string; description: string; act: string }> = {
    broke: {
        title: 'It broke',
        description: 'What is left of it comes off; the plan goes on with a new one, and the rounds of tuning begin anew.',
        act: 'Take a new one',
    },
    wrong: {
        title: 'The wrong string is on',
        description: 'It comes off again; the right one goes on in its place.',
        act: 'Put the right one on',
    },
    spare: {
        title: 'Take another string',
        description: 'The present one is counted as used up: kinked, dull, or not to be trusted.',
        act: 'Take another one',
    },
};

const PLACES: { value: NonNullable<EventAgain['data']['where']>; label: string }[] = [
    { value: '', label: 'not said' },
    { value: 'ball', label: 'at the ball' },
    { value: 'saddle', label: 'at the saddle' },
    { value: 'fret', label: 'over a fret' },
    { value: 'nut', label: 'at the nut' },
    { value: 'post', label: 'at its post' },
    { value: 'elsewhere', label: 'elsewhere' },
];

/** Where another one would come from, in words. */
export function fromWhere(now: JobNow, position: number): string {
    const string = now.job.strings.find((each) => each.position === position);
    if (string === undefined || !now.job.from_drawer) {
        return 'Take one from another packet.';
    }
    if (string.spares > 0) {
        return `A spare is kept for it${string.free > 0 ? `, and ${string.free} more lie in the drawer` : ''}.`;
    }
    return string.free > 0
        ? `${string.free} more ${string.free === 1 ? 'lies' : 'lie'} in the drawer; one is kept for it.`
        : 'None is left in the drawer. The job waits for it once all else is done, and it can be put on the order list.';
}

/** A string that cannot stay: a new one takes its place. */
export function NewStringDialog({
    now,
    reason,
    position,
    onClose,
}: {
    now: JobNow;
    reason: NewReason;
    position: number | null;
    onClose: () => void;
}) {
    const [which, setWhich] = useState(position ?? 1);
    const [where, setWhere] = useState<NonNullable<EventAgain['data']['where']>>('');
    const [was, setWas] = useState('unknown');
    const [whole, setWhole] = useState(true);
    const { title, description, act } = TITLES[reason];
    return (
        <Dialog open onOpenChange={onClose} title={title} description={description} width="wide">
            <div className="grid gap-4">
                <div className="grid gap-4 sm:grid-cols-2">
                    <StringChoice now={now} position={which} onChange={setWhich} />
                    {reason === 'wrong' && (
                        <Field label="Whose string is on there">
                            <Select
                                value={was}
                                choices={[
                                    { value: 'unknown', label: 'not of this set' },
                                    ...now.job.strings
                                        .filter(({ position: each }) => each !== which)
                                        .map((string) => ({
                                            value: String(string.position),
                                            label: `${string.position}, ${pitchLabel(string.pitch)}`,
                                        })),
                                ]}
                                onChange={setWas}
                            />
                        </Field>
                    )}
                    {reason === 'broke' && (
                        <Field label="Where" hint="Three at one place mean a burr.">
                            <Select
                                value={where === '' ? 'none' : where}
                                choices={PLACES.map((each) => ({ ...each, value: each.value === '' ? 'none' : each.value }))}
                                onChange={(chosen) => setWhere(PLACES.find(({ value }) => value === chosen)?.value ?? '')}
                            />
                        </Field>
                    )}
                </div>
                {reason === 'wrong' ? (
                    <label className="flex items-center gap-3 text-lg">
                        <input
                            type="checkbox"
                            className="h-5 w-5"
                            checked={whole}
                            onChange={(event) => setWhole(event.target.checked)}
                        />
                        It was not cut: it can go back into its packet
                    </label>
                ) : (
                    <p className="text-lg" aria-live="polite">
                        {fromWhere(now, which)}
                    </p>
                )}
                <PutOn
                    now={now}
                    reason={reason}
                    which={which}
                    whole={whole}
                    was={was}
                    where={where}
                    onClose={onClose}
                    act={act}
                />
            </div>
        </Dialog>
    );
}

/** What it is put on for. */
function PutOn({
    now,
    reason,
    which,
    whole,
    was,
    where,
    onClose,
    act,
}: {
    now: JobNow;
    reason: NewReason;
    which: number;
    whole: boolean;
    was: string;
    where: NonNullable<'' | 'ball' | 'saddle' | 'fret' | 'nut' | 'post' | 'elsewhere' | undefined>;
    onClose: () => void;
    act: string;
}) {
    return (
        <div className="flex flex-wrap gap-2.5">
            <Button
                look="strong"
                large
                onClick={() => {
                    now.recordTelling(
                        reason === 'wrong' ? `String ${which} comes off again.` : `A new string ${which} is taken.`,
                        'again',
                        reason === 'wrong'
                            ? { position: which, reason, whole, was: was === 'unknown' ? null : Number(was) }
                            : { position: which, reason, where },
                    );
                    onClose();
                }}
            >
                {act}
            </Button>
            <Button look="quiet" large onClick={onClose}>
                Cancel
            </Button>
        </div>
    );
}
