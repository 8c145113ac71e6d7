import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/** What may be wider than its room: it is moved sideways by finger, by pointer and, once it has the focus, by arrow keys. */
export function Sideways({ label, className, children }: { label: string; className?: string; children: ReactNode }) {
    return (
        <div role="region" aria-label={label} tabIndex={0} className={clsx('overflow-x-auto', className)}>
            {children}
        </div>
    );
}
