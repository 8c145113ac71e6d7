import { useState, type ReactNode } from 'react';

/** Draws its content from the first time it is wanted. */
export function Lazily({ when, children }: { when: boolean; children: ReactNode }) {
    const [wanted, setWanted] = useState(when);
    if (when && !wanted) {
        setWanted(true);
    }
    return wanted ? children : null;
}
