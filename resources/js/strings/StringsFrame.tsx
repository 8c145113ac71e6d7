import { Head } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { TabLinks } from '../ui/Tabs';

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
                <TitleLine>
                    <PageTitle className="pb-1.5">Strings</PageTitle>
                    <TabLinks label="Strings" at={at} places={PLACES} />
                    {tools !== undefined && <div className="mb-1.5 ml-auto flex gap-2">{tools}</div>}
                </TitleLine>
                {children}
            </div>
        </div>
    );
}
