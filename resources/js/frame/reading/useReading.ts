import { router } from '@inertiajs/react';
import { useState } from 'react';
import { presentDates, rememberDates, type Dates } from '../../units/times';
import { rememberUnits, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';

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

export const ORDERS = [
    { value: 'day', label: '3 Dec 2026' },
    { value: 'month', label: 'Dec 3, 2026' },
    { value: 'iso', label: '2026-12-03' },
];
export const CLOCKS = [
    { value: '24h', label: '20:05' },
    { value: '12h', label: '8:05 pm' },
];

function presentLook(): Look {
    const look = document.documentElement.dataset['look'];
    return look === 'light' || look === 'dark' ? look : 'auto';
}

/** How one person reads on this device: units, light or dark, dates. */
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
    const [dates, setDates] = useState(presentDates);
    const changeDates = (changed: Partial<Dates>) => {
        const next = { ...dates, ...changed };
        rememberDates(next);
        setDates(next);
        // What the server wrote of them is written anew.
        router.reload();
    };
    return { units, look, dates, changeUnits, changeLook, changeDates };
}
