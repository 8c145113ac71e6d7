import { clsx } from 'clsx';
import type { ComponentPropsWithRef } from 'react';
import { buttonClass } from './classes';

interface Props extends ComponentPropsWithRef<'button'> {
    look?: keyof typeof buttonClass;
}

export function Button({ look = 'plain', className, type = 'button', ...rest }: Props) {
    return <button type={type} className={clsx(buttonClass[look], className)} {...rest} />;
}
