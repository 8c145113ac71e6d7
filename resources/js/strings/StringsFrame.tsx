import type { ReactNode } from 'react';
import { PlacesFrame } from '../frame/PlacesFrame';
import { drawerIndex, ordersIndex, poolsIndex, samplesIndex, stringsIndex, suppliersIndex } from '../generated/addresses/places';

const PLACES = [
    { href: stringsIndex, label: 'All strings' },
    { href: suppliersIndex, label: 'Suppliers’ lists' },
    { href: samplesIndex, label: 'Measured' },
    { href: poolsIndex, label: 'Pools' },
    { href: drawerIndex, label: 'Drawer' },
    { href: ordersIndex, label: 'Orders' },
];

/** What stands round everything about strings. */
export function StringsFrame(props: { at: string; tools?: ReactNode; children: ReactNode }) {
    return <PlacesFrame title="Strings" places={PLACES} {...props} />;
}
