import type { Play } from '../generated/views';
import { trimmed } from './figures';

/** What makes an hour count for more. */
export const EXPOSED = [
    { name: 'heat', label: 'in heat' },
    { name: 'salt', label: 'in salt air' },
    { name: 'sweat', label: 'with wet hands' },
] as const;
export type Exposed = (typeof EXPOSED)[number]['name'];

export function hoursWords(hours: number): string {
    return hours === 0.5 ? '½ h' : `${trimmed(hours, hours < 10 ? 1 : 0)} h`;
}

export function exposedWords(exposed: readonly Exposed[]): string {
    return EXPOSED.filter(({ name }) => exposed.includes(name))
        .map(({ label }) => `, ${label}`)
        .join('');
}

export function exposedOf(of: Pick<Play, Exposed>): Exposed[] {
    return EXPOSED.map(({ name }) => name).filter((name) => of[name]);
}
