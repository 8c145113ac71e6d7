import type { StringType } from '../../lib/stringType';

export interface Lot {
    id: number;
    name: string;
    end: 'ball' | 'loop' | 'bare' | null;
    quantity: number;
    /** Of these, how many are kept for orders. */
    kept: number;
    cents: number | null;
    note: string;
    since: string;
}

/** Everything of one make and gauge that lies in the drawer. */
export interface Kind extends StringType {
    quantity: number;
    kept: number;
    least: number | null;
    lots: Lot[];
}

export interface Movement {
    change: number;
    kind: 'added' | 'used' | 'counted';
    note: string;
    at: string;
}

/** What is kept for orders is as good as gone. */
export const isLow = ({ quantity, kept, least }: Kind) => least !== null && quantity - kept < least;

/** Those with every word in their make or lots, or only those that run low. */
export function shownKinds(kinds: Kind[], words: string, lowOnly: boolean, nameOf: (kind: Kind) => string): Kind[] {
    const all = words.toLowerCase().split(/\s+/).filter(Boolean);
    return kinds.filter((kind) => {
        const text = [nameOf(kind), ...kind.lots.flatMap((lot) => [lot.name, lot.note])].join(' ').toLowerCase();
        return (!lowOnly || isLow(kind)) && all.every((word) => text.includes(word));
    });
}
