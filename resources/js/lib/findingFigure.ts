import type { Finding } from './formats';
import { formatLength, formatShare, tensionIn, type Units } from './units';

/** What a finding measured, or its limit, as it is read. */
export function findingFigure(value: number, unit: Finding['unit'], units: Units): string {
    switch (unit) {
        case 'N':
            return `${tensionIn(value, units).toFixed(units.tension === 'N' ? 0 : 1)} ${units.tension}`;
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
        case 'inharmonicity':
            return value.toPrecision(2);
        case null:
            return String(Number(value.toPrecision(3)));
    }
}
