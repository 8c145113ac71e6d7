import { useState, type ComponentPropsWithRef, type KeyboardEvent } from 'react';

interface Props extends Omit<ComponentPropsWithRef<'input'>, 'value' | 'onChange' | 'onBlur'> {
    /** What is shown while nothing is being typed. */
    shown: string;
    /** Takes what was typed, once that is finished and differs from what was shown. */
    onTake: (typed: string) => void;
}

/** A field whose value is taken when it is left or with Enter; Escape brings back what was there. */
export function TypedInput({ shown, onTake, onKeyDown, ...rest }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    // What stands in the field: keys typed in one burst may not have been drawn yet.
    const take = ({ value }: HTMLInputElement) => {
        if (value.trim() !== shown.trim()) {
            onTake(value.trim());
        }
        setTyped(null);
    };
    const press = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            take(event.currentTarget);
        } else if (event.key === 'Escape') {
            event.currentTarget.value = shown;
            setTyped(null);
        }
        onKeyDown?.(event);
        if (event.defaultPrevented) {
            setTyped(null);
        }
    };
    return (
        <input
            autoComplete="off"
            {...rest}
            value={typed ?? shown}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={(event) => take(event.currentTarget)}
            onKeyDown={press}
        />
    );
}
