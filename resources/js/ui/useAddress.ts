import { router, usePage } from '@inertiajs/react';
import { useState } from 'react';

/** What a page is looked at by, each by its name in the address; what is as usual does not stand there. */
type Looked = Record<string, string>;

/**
 * Filters, views and orders of a page that stand in its address, so that they can be linked to, and Back undoes them. While one types
 * the same entry of the history is written over.
 *
 * @param usual every name with what it is where the address does not say it
 */
export function useAddress<T extends Looked>(usual: T): [T, (changed: Partial<T>, typing?: boolean) => void] {
    const { url } = usePage();
    const at = new URL(url, window.location.origin);
    // What was just asked for stands at once, until the address says it.
    const [asked, setAsked] = useState<{ from: string; values: T } | null>(null);
    const said = Object.fromEntries(
        Object.entries(usual).map(([name, value]) => [name, at.searchParams.get(name) ?? value]),
    ) as T;
    if (asked !== null && asked.from !== url) {
        setAsked(null);
    }
    const present = asked?.from === url ? asked.values : said;
    const change = (changed: Partial<T>, typing = false) => {
        const values = { ...present, ...changed };
        setAsked({ from: url, values });
        for (const [name, value] of Object.entries(values)) {
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
