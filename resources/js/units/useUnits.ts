import { usePage } from '@inertiajs/react';
import type { Units } from './units';

/** The units of whoever reads the page. */
export function useUnits(): Units {
    return usePage<{ units: Units }>().props.units;
}
