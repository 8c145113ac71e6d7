import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';

const PLACES = [
    { href: '/log', label: 'What is due' },
    { href: '/log/shows', label: 'Shows' },
    { href: '/log/life', label: 'How long they last' },
    { href: '/log/years', label: 'Years' },
];

/** What stands round everything that the log tells. */
export function LogFrame(props: { at: string; tools?: ReactNode; children: ReactNode }) {
    return <PlacesFrame title="Log" places={PLACES} {...props} />;
}
