import { useLayoutEffect, useState } from 'react';

/** The field that was measured for last: it keeps being read into while a device's panel is used. None before the first. */
export function useMeasuredField(): HTMLInputElement | null {
    // One may have gone to its field before the panel was there.
    const [field, setField] = useState<HTMLInputElement | null>(() => measuredBy(document.activeElement));
    // With the panel itself, not a moment after it.
    useLayoutEffect(() => {
        const follow = (event: FocusEvent) => {
            const measured = measuredBy(event.target);
            if (measured !== null) {
                setField(measured);
            }
        };
        document.addEventListener('focusin', follow);
        return () => document.removeEventListener('focusin', follow);
    }, []);
    return field;
}

function measuredBy(target: EventTarget | null): HTMLInputElement | null {
    return target instanceof HTMLInputElement && target.dataset['measure'] !== undefined ? target : null;
}
