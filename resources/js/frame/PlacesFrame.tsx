import { Head } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { TabLinks } from '../ui/Tabs';

interface Props {
    title: string;
    places: { href: string; label: string }[];
    at: string;
    /** What stands at the right of the headline. */
    tools?: ReactNode;
    children: ReactNode;
}

/** What stands round pages that belong together: where one can go, and what one can do here. */
export function PlacesFrame({ title, places, at, tools, children }: Props) {
    const here = places.find(({ href }) => href === at)?.label ?? title;
    return (
        <div className="flex flex-1 flex-col px-4 pt-5 pb-6 sm:px-7">
            <Head title={here} />
            <div className="mx-auto flex w-full max-w-[86rem] flex-1 flex-col">
                <TitleLine>
                    <PageTitle className="pb-1.5">{title}</PageTitle>
                    <TabLinks label={title} at={at} places={places} />
                    {tools !== undefined && <div className="mb-1.5 ml-auto flex flex-wrap gap-2">{tools}</div>}
                </TitleLine>
                {children}
            </div>
        </div>
    );
}
