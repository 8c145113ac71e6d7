import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';

const PLACES = [
    { href: '/strings', label: 'All strings' },
    { href: '/strings/suppliers', label: 'Suppliers’ lists' },
    { href: '/strings/measured', label: 'Measured' },
    { href: '/strings/pools', label: 'Pools' },
    { href: '/strings/drawer', label: 'Drawer' },
    { href: '/strings/orders', label: 'Orders' },
];

interface Props {
    at: string;
    /** What stands at the right of the headline. */
    tools?: ReactNode;
    children: ReactNode;
}

/** What stands round everything about strings: where one can go, and what one can do here. */
export function StringsFrame({ at, tools, children }: Props) {
    const here = PLACES.find(({ href }) => href === at)?.label ?? 'Strings';
    return (
        <div className="flex flex-1 flex-col px-4 pt-5 pb-6 sm:px-7">
            <Head title={here} />
            <div className="mx-auto flex w-full max-w-[86rem] flex-1 flex-col">
                <div className="flex flex-wrap items-end gap-x-6 gap-y-2 border-b border-ink">
                    <h1 className="pb-1.5 text-[1.75rem] leading-tight font-bold tracking-tight [font-stretch:105%]">Strings</h1>
                    <nav aria-label="Strings" className="-mb-px flex flex-wrap">
                        {PLACES.map(({ href, label }) => (
                            <Link
                                key={href}
                                href={href}
                                aria-current={href === at ? 'page' : undefined}
                                className={clsx(
                                    'flex min-h-10 items-center border-b-[3px] px-3',
                                    href === at
                                        ? 'border-accent font-semibold'
                                        : 'border-transparent text-ink-soft hover:text-ink',
                                )}
                            >
                                {label}
                            </Link>
                        ))}
                    </nav>
                    {tools !== undefined && <div className="mb-1.5 ml-auto flex gap-2">{tools}</div>}
                </div>
                {children}
            </div>
        </div>
    );
}
