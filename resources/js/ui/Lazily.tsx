import { Suspense, useState, type ReactNode } from 'react';

/** Draws its content, which may still have to be fetched, from the first time it is wanted. */
export function Lazily({ when, children }: { when: boolean; children: ReactNode }) {
    const [wanted, setWanted] = useState(when);
    if (when && !wanted) {
        setWanted(true);
    }
    return wanted ? <Suspense fallback={null}>{children}</Suspense> : null;
}
