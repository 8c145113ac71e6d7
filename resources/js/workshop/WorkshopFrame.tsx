import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';
import {
    careIndex,
    copiesIndex,
    devicesIndex,
    ownersIndex,
    workshopHelp,
    workshopIndex,
    workshopWays,
} from '../generated/addresses/places';

const PLACES = [
    { href: workshopIndex, label: 'Here' },
    { href: workshopWays, label: 'Ways of working' },
    { href: careIndex, label: 'Care' },
    { href: ownersIndex, label: 'Owners' },
    { href: devicesIndex, label: 'Devices' },
    { href: copiesIndex, label: 'Copies' },
    { href: workshopHelp, label: 'Help' },
];

/** What stands round everything that says how this workshop works. */
export function WorkshopFrame(props: { at: string; tools?: ReactNode; children: ReactNode }) {
    return <PlacesFrame title="Workshop" places={PLACES} {...props} />;
}

/** A part of such a page, under its title. */
export function Part({ title, about, children }: { title: string; about?: ReactNode; children: ReactNode }) {
    const id = `part-${title.toLowerCase().replaceAll(/[^a-z]+/g, '-')}`;
    return (
        <section aria-labelledby={id}>
            <h2 id={id} className="border-b border-ink pb-1 text-lg font-bold">
                {title}
            </h2>
            {about !== undefined && <p className="mt-2 max-w-prose text-ink-soft">{about}</p>}
            <div className="mt-3">{children}</div>
        </section>
    );
}
