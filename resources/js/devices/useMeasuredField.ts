import { useEffect, useState } from 'react';

/** The field that was measured for last: it keeps being read into while a device's panel is used. None before the first. */
export function useMeasuredField(): HTMLInputElement | null {
    const [field, setField] = useState<HTMLInputElement | null>(null);
    useEffect(() => {
        const follow = (event: FocusEvent) => {
            if (event.target instanceof HTMLInputElement && event.target.dataset.measure !== undefined) {
                setField(event.target);
            }
        };
        document.addEventListener('focusin', follow);
        return () => document.removeEventListener('focusin', follow);
    }, []);
    return field;
}
