import { clsx } from 'clsx';
import { fieldClass } from './classes';

export interface ChooserProps {
    value: string;
    onChange: (value: string) => void;
    choices: { value: string; label: string }[];
    id?: string;
    label?: string;
    disabled?: boolean;
    'aria-describedby'?: string | undefined;
    'aria-invalid'?: boolean | undefined;
}

export const chooserClass = clsx(fieldClass, 'flex items-center justify-between gap-2 text-left disabled:opacity-60');
