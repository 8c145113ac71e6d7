import type { Finding } from '../generated/formats';
import { formatForce, formatLength, formatShare, type Units } from './units';

/** What a finding measured, or its limit, as it is read. */
export function findingFigure(value: number, unit: Finding['unit'], units: Units): string {
    switch (unit) {
        case 'N':
            return formatForce(value, units);
        case 'mm':
            return units.length === 'in' ? formatLength(value, units) : `${Number(value.toFixed(2))} mm`;
        case 'deg':
            return `${value.toFixed(1)}°`;
        case 'turns':
            return `${value.toFixed(1)} turns`;
        case 'share':
            return `${Math.round(value * 100)} %`;
        case 'change':
            return formatShare(value);
        case 'ratio':
            return `${value.toFixed(2)} to 1`;
        case 'cents':
            return `${value.toFixed(1)} cents`;
        case 'inharmonicity':
            return value.toPrecision(2);
        case null:
            return String(Number(value.toPrecision(3)));
    }
}
