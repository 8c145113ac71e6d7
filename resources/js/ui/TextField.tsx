import type { ComponentProps } from 'react';
import { fieldClass } from './classes';
import { Field } from './Field';

type Props = Pick<ComponentProps<typeof Field>, 'label' | 'hint' | 'error'> &
    Omit<ComponentProps<'input'>, 'onChange' | 'className'> & { value: string; onChange: (value: string) => void };

/** A line of text, a number, a day or a time in its field. */
export function TextField({ label, hint, error, onChange, ...rest }: Props) {
    return (
        <Field label={label} hint={hint} error={error}>
            <input className={fieldClass} onChange={(event) => onChange(event.target.value)} {...rest} />
        </Field>
    );
}
