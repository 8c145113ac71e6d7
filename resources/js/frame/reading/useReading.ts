import { router } from '@inertiajs/react';
import { useState } from 'react';
import { rememberUnits, useUnits, type Units } from '../../units/units';

export type Look = 'auto' | 'light' | 'dark';

export const LENGTHS = [
    { value: 'mm', label: 'Millimetres' },
    { value: 'in', label: 'Inches' },
];
export const GAUGES = [
    { value: 'thou', label: 'Thousandths of an inch' },
    { value: 'mm', label: 'Millimetres' },
];
export const TENSIONS = [
    { value: 'N', label: 'Newtons' },
    { value: 'lbf', label: 'Pounds-force' },
    { value: 'kgf', label: 'Kilograms-force' },
];
export const LOOKS = [
    { value: 'auto', label: 'As the system' },
    { value: 'light', label: 'Light' },
    { value: 'dark', label: 'Dark' },
];

function presentLook(): Look {
    const look = document.documentElement.dataset['look'];
    return look === 'light' || look === 'dark' ? look : 'auto';
}

/** How one person reads on this device: units, light or dark. */
export function useReading() {
    const units = useUnits();
    const [look, setLook] = useState<Look>(presentLook);
    const changeUnits = (changed: Partial<Units>) => {
        const next = { ...units, ...changed };
        rememberUnits(next);
        router.replaceProp('units', next);
    };
    const changeLook = (chosen: Look) => {
        document.documentElement.dataset['look'] = chosen;
        document.cookie = `lira_look=${chosen}; path=/; max-age=31536000; samesite=lax`;
        setLook(chosen);
    };
    return { units, look, changeUnits, changeLook };
}
