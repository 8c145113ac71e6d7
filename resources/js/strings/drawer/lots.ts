import type { DrawerString } from '../../generated/views';

/** What is kept for orders is as good as gone. */
export const isLow = ({ quantity, kept, least }: DrawerString) => least !== null && quantity - kept < least;

/** Those with every word in their name or lots, or only those that run low. */
export function shownKinds(
    kinds: DrawerString[],
    words: string,
    lowOnly: boolean,
    nameOf: (kind: DrawerString) => string,
): DrawerString[] {
    const all = words.toLowerCase().split(/\s+/).filter(Boolean);
    return kinds.filter((kind) => {
        const text = [nameOf(kind), ...kind.lots.flatMap((lot) => [lot.name, lot.note])].join(' ').toLowerCase();
        return (!lowOnly || isLow(kind)) && all.every((word) => text.includes(word));
    });
}
