import type { Job } from '../../generated/views';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { REASONS } from '../../generated/words';

/** Whose it is, why it is done, and until when. */
export interface Agreed {
    owner: string;
    reason: Job['reason'];
    /** The day; empty where none was promised. */
    promised: string;
}

export function AgreedFields({ agreed, onChange }: { agreed: Agreed; onChange: (agreed: Agreed) => void }) {
    return (
        <>
            <Field label="Why">
                <Select
                    value={agreed.reason}
                    choices={Object.entries(REASONS).map(([value, label]) => ({ value, label }))}
                    onChange={(reason) => onChange({ ...agreed, reason: isReason(reason) ? reason : agreed.reason })}
                />
            </Field>
            <Field label="Owner or customer">
                <input
                    className={fieldClass}
                    value={agreed.owner}
                    maxLength={200}
                    onChange={(event) => onChange({ ...agreed, owner: event.target.value })}
                />
            </Field>
            <Field label="Promised for">
                <input
                    type="date"
                    className={fieldClass}
                    value={agreed.promised}
                    onChange={(event) => onChange({ ...agreed, promised: event.target.value })}
                />
            </Field>
        </>
    );
}

function isReason(value: string): value is Job['reason'] {
    return value in REASONS;
}

/** As the server is told. */
export function agreedBody({ owner, reason, promised }: Agreed): {
    owner: string;
    reason: Job['reason'];
    promised_on: string | null;
} {
    return { owner: owner.trim(), reason, promised_on: promised === '' ? null : promised };
}
