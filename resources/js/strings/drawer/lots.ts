import type { DrawerString } from '../../generated/views';
import { matches } from '../../ui/matches';
import type { SortKeys } from '../../ui/Sorted';

/** What is kept for orders is as good as gone. */
export const isLow = ({ quantity, kept, least }: DrawerString) => least !== null && quantity - kept < least;

/** What the columns of the drawer are ordered by. */
export const DRAWER_KEYS: SortKeys<DrawerString> = {
    gauge: ({ gauge_nm }) => gauge_nm,
    there: ({ quantity }) => quantity,
    least: ({ least }) => least ?? 0,
};

/** Those with every word in their name or lots, or only those that run low. */
export function shownKinds(
    kinds: DrawerString[],
    words: string,
    lowOnly: boolean,
    nameOf: (kind: DrawerString) => string,
): DrawerString[] {
    return kinds.filter(
        (kind) =>
            (!lowOnly || isLow(kind)) &&
            matches([nameOf(kind), ...kind.lots.flatMap((lot) => [lot.name, lot.note])].join(' '), words),
    );
}
