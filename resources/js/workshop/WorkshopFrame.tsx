import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';

const PLACES = [
    { href: '/workshop', label: 'Here' },
    { href: '/workshop/ways', label: 'Ways of working' },
    { href: '/workshop/care', label: 'Care' },
    { href: '/workshop/owners', label: 'Owners' },
    { href: '/workshop/devices', label: 'Devices' },
    { href: '/workshop/copies', label: 'Copies' },
    { href: '/workshop/help', label: 'Help' },
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
