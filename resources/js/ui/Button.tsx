import { clsx } from 'clsx';
import type { ComponentPropsWithRef } from 'react';
import { buttonClass, largeButtonClass } from './classes';

interface Props extends ComponentPropsWithRef<'button'> {
    look?: keyof typeof buttonClass;
    /** At arm's length, with dirty hands. */
    large?: boolean;
}

export function Button({ look = 'plain', large = false, className, type = 'button', ...rest }: Props) {
    return <button type={type} className={clsx((large ? largeButtonClass : buttonClass)[look], className)} {...rest} />;
}
