import { useEffect, useState } from 'react';

const SETTLES_MS = 600;

/** A value once it has not changed for a moment: what is asked then is not asked at every step of a gauge. */
export function useSettled<T>(value: T): T {
    const [settled, setSettled] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setSettled(value), SETTLES_MS);
        return () => clearTimeout(timer);
    }, [value]);
    return settled;
}
