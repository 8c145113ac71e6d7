import { useEffect, useState } from 'react';
import { useAhead } from './clock';

/** What time it is, again and again: the server's, where this device's clock is off. */
export function useClock(everyMs: number): number {
    const ahead = useAhead(({ aheadMs }) => aheadMs);
    const [now, setNow] = useState(() => Date.now());
    useEffect(() => {
        const timer = setInterval(() => setNow(Date.now()), everyMs);
        return () => clearInterval(timer);
    }, [everyMs]);
    return now + ahead;
}
