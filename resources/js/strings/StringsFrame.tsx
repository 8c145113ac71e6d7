import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';

const PLACES = [
    { href: '/strings', label: 'All strings' },
    { href: '/strings/suppliers', label: 'Suppliers’ lists' },
    { href: '/strings/measured', label: 'Measured' },
    { href: '/strings/pools', label: 'Pools' },
    { href: '/strings/drawer', label: 'Drawer' },
    { href: '/strings/orders', label: 'Orders' },
];

/** What stands round everything about strings. */
export function StringsFrame(props: { at: string; tools?: ReactNode; children: ReactNode }) {
    return <PlacesFrame title="Strings" places={PLACES} {...props} />;
}
