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
    const take = () => {
        if (typed !== null && typed.trim() !== shown) {
            onTake(typed.trim());
        }
        setTyped(null);
    };
    const press = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            take();
        } else if (event.key === 'Escape') {
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
            onBlur={take}
            onKeyDown={press}
        />
    );
}
