import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';
import { logLife, logWeek, logYears, showsIndex } from '../generated/addresses/places';

const PLACES = [
    { href: logWeek, label: 'What is due' },
    { href: showsIndex, label: 'Shows' },
    { href: logLife, label: 'How long they last' },
    { href: logYears, label: 'Years' },
];

/** What stands round everything that the log tells. */
export function LogFrame(props: { at: string; tools?: ReactNode; children: ReactNode }) {
    return <PlacesFrame title="Log" places={PLACES} {...props} />;
}
