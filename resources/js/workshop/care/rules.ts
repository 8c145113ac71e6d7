import type { CarePage } from '../../generated/pages';

export type Rule = CarePage['shipped'][number];
export type OwnRule = CarePage['own'][number];

export const ANY = '*';

export function suitsWords({ kinds, owner, fingerboard, place }: OwnRule): string {
    const words = [kinds.join(' or '), fingerboard, place, owner].filter((each) => each !== '');
    return words.length === 0 ? '; every instrument' : `; ${words.join(', ')}`;
}
