import { clsx } from 'clsx';

/** The looks of the few things that come everywhere. */
const button =
    'inline-flex h-9 items-center justify-center gap-1.5 rounded-field px-3 text-[0.93rem] whitespace-nowrap transition-colors disabled:opacity-45';

export const buttonClass = {
    plain: clsx(button, 'border border-rule-strong bg-sheet text-ink hover:border-ink'),
    strong: clsx(button, 'bg-ink font-semibold text-paper hover:bg-accent hover:text-accent-ink'),
    quiet: clsx(button, 'text-ink-soft hover:bg-rule/50 hover:text-ink'),
    danger: clsx(button, 'border border-stop text-stop hover:bg-stop hover:text-paper'),
};

export const fieldClass =
    'h-9 w-full rounded-field border border-rule-strong bg-sheet px-2.5 text-ink hover:border-ink aria-invalid:border-stop';

export const floatClass = 'z-50 rounded-float border border-rule-strong bg-sheet text-ink shadow-float';
