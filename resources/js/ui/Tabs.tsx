import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Tabs as Primitive } from 'radix-ui';

const tab = 'flex min-h-10 items-center border-b-[3px] px-3 whitespace-nowrap';
const here = 'border-accent font-semibold text-ink';
const elsewhere = 'border-transparent text-ink-soft hover:text-ink';

/** Views of one thing; stands in a `Tabs.Root`. */
export function TabList({ label, views }: { label: string; views: Record<string, string> }) {
    return (
        <Primitive.List aria-label={label} className="-mb-px flex flex-wrap">
            {Object.entries(views).map(([value, name]) => (
                <Primitive.Trigger
                    key={value}
                    value={value}
                    className={clsx(
                        tab,
                        elsewhere,
                        'data-[state=active]:border-accent data-[state=active]:font-semibold data-[state=active]:text-ink',
                    )}
                >
                    {name}
                </Primitive.Trigger>
            ))}
        </Primitive.List>
    );
}

/** Pages that belong together. */
export function TabLinks({ label, at, places }: { label: string; at: string; places: { href: string; label: string }[] }) {
    return (
        <nav aria-label={label} className="-mb-px flex flex-wrap">
            {places.map((place) => (
                <Link
                    key={place.href}
                    href={place.href}
                    aria-current={place.href === at ? 'page' : undefined}
                    className={clsx(tab, place.href === at ? here : elsewhere)}
                >
                    {place.label}
                </Link>
            ))}
        </nav>
    );
}
