import { clsx } from 'clsx';

/** The looks of the few things that come everywhere. */
const button =
    'inline-flex items-center justify-center gap-1.5 rounded-field whitespace-nowrap transition-colors disabled:opacity-45';

const looks = {
    plain: 'border border-rule-strong bg-sheet text-ink hover:border-ink',
    strong: 'border border-ink bg-ink font-semibold text-paper hover:border-accent hover:bg-accent hover:text-accent-ink',
    quiet: 'text-ink-soft hover:bg-rule/50 hover:text-ink',
    danger: 'border border-stop text-stop hover:bg-stop hover:text-paper',
};

const ofSize = (size: string) => ({
    plain: clsx(button, size, looks.plain),
    strong: clsx(button, size, looks.strong),
    quiet: clsx(button, size, looks.quiet),
    danger: clsx(button, size, looks.danger),
});

export const buttonClass = ofSize('h-9 px-3 text-[0.93rem]');

/** At arm's length, with dirty hands. */
export const largeButtonClass = ofSize('h-13 px-5 text-xl');

export const fieldClass =
    'h-9 w-full rounded-field border border-rule-strong bg-sheet px-2.5 text-ink hover:border-ink aria-invalid:border-stop';

export const floatClass = 'z-50 rounded-float border border-rule-strong bg-sheet text-ink shadow-float';

/** A word that says what it means when it is pressed. */
export const explainedClass =
    'rounded-mark text-left underline decoration-rule-strong decoration-dotted underline-offset-4 hover:decoration-accent';
