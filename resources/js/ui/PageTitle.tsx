import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/** What a page is about. */
export function PageTitle({ children, className }: { children: ReactNode; className?: string }) {
    return (
        <h1 className={clsx('text-[1.75rem] leading-tight font-bold tracking-tight [font-stretch:105%]', className)}>
            {children}
        </h1>
    );
}

/** A page's title with the ways to look at it beside it, underlined as one. */
export function TitleLine({ children }: { children: ReactNode }) {
    return <div className="flex flex-wrap items-end gap-x-6 gap-y-2 border-b border-ink">{children}</div>;
}
