export interface Rule {
    key: string;
    name: string;
    reason: string;
    caution: string;
    rhythm: string;
}

export interface OwnRule extends Rule {
    id: number;
    kinds: string[];
    owner: string;
    fingerboard: string;
    place: string;
}

export const ANY = '*';

export function suitsWords({ kinds, owner, fingerboard, place }: OwnRule): string {
    const words = [kinds.join(' or '), fingerboard, place, owner].filter((each) => each !== '');
    return words.length === 0 ? '; every instrument' : `; ${words.join(', ')}`;
}
