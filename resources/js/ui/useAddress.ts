import { router, usePage } from '@inertiajs/react';

/** What a page is looked at by, each by its name in the address; what is as usual does not stand there. */
export type Looked = Record<string, string>;

/**
 * Filters, views and orders of a page that stand in its address, so that they can be linked to, and Back undoes them. While one types
 * the same entry of the history is written over.
 *
 * @param usual every name with what it is where the address does not say it
 */
export function useAddress<T extends Looked>(usual: T): [T, (changed: Partial<T>, typing?: boolean) => void] {
    const { url } = usePage();
    const at = new URL(url, window.location.origin);
    const present = Object.fromEntries(
        Object.entries(usual).map(([name, value]) => [name, at.searchParams.get(name) ?? value]),
    ) as T;
    const change = (changed: Partial<T>, typing = false) => {
        for (const [name, value] of Object.entries(changed) as [string, string][]) {
            if (value === usual[name]) {
                at.searchParams.delete(name);
            } else {
                at.searchParams.set(name, value);
            }
        }
        const visit = { url: at.pathname + at.search, preserveState: true, preserveScroll: true };
        if (typing) {
            router.replace(visit);
        } else {
            router.push(visit);
        }
    };
    return [present, change];
}
