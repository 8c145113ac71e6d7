import { useId, type ReactElement, type ReactNode, cloneElement } from 'react';

interface Props {
    label: ReactNode;
    hint?: ReactNode;
    error?: string | undefined;
    children: ReactElement<{ id?: string; 'aria-describedby'?: string | undefined; 'aria-invalid'?: boolean | undefined }>;
}

/** A labelled field with its hint, and its error next to it. */
export function Field({ label, hint, error, children }: Props) {
    const id = useId();
    const describedBy = error !== undefined ? `${id}-error` : hint !== undefined ? `${id}-hint` : undefined;
    return (
        <div className="min-w-0">
            <label htmlFor={id} className="mb-1 block text-sm font-medium text-ink-soft">
                {label}
            </label>
            {cloneElement(children, { id, 'aria-describedby': describedBy, 'aria-invalid': error !== undefined || undefined })}
            {error !== undefined ? (
                <p id={`${id}-error`} className="mt-1 text-sm text-stop">
                    {error}
                </p>
            ) : (
                hint !== undefined && (
                    <p id={`${id}-hint`} className="mt-1 text-sm text-ink-faint">
                        {hint}
                    </p>
                )
            )}
        </div>
    );
}
