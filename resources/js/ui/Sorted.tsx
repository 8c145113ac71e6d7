import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { Glyph } from './Glyph';

/** How a table is ordered, as it stands in an address: the column's name, with a minus where it is turned round. */
export type Order = string;

/** What each column is ordered by. */
export type SortKeys<T> = Record<string, (row: T) => string | number>;

/** Rows by one of the columns; those that are alike stay as they came. */
export function sorted<T>(rows: T[], order: Order, keys: SortKeys<T>): T[] {
    const key = keys[order.replace('-', '')];
    if (key === undefined) {
        return rows;
    }
    const way = order.startsWith('-') ? -1 : 1;
    return [...rows].sort((a, b) => {
        const [left, right] = [key(a), key(b)];
        return (
            way * (typeof left === 'string' ? left.localeCompare(String(right), 'en', { numeric: true }) : left - Number(right))
        );
    });
}

interface Props {
    by: string;
    order: Order;
    onOrder: (order: Order) => void;
    className?: string;
    children: ReactNode;
}

/** The head of a column that the table can be ordered by; a second press turns it round. */
function SortHead({ by, order, onOrder, className, children }: Props) {
    const way = order === by ? 'ascending' : order === `-${by}` ? 'descending' : undefined;
    return (
        <th scope="col" aria-sort={way} className={clsx('py-1 font-normal', className)}>
            <button
                type="button"
                className={clsx(
                    '-mx-1 inline-flex min-h-target items-center gap-1 rounded-mark px-1 hover:bg-rule/50 hover:text-ink',
                    // Over figures that stand to the right, the arrow keeps out of their line.
                    className?.includes('text-right') && 'flex-row-reverse',
                )}
                onClick={() => onOrder(way === 'ascending' ? `-${by}` : by)}
            >
                {children}
                <span className={clsx(way === undefined && 'invisible')}>
                    <Glyph sign={way === 'descending' ? 'down' : 'up'} size={10} />
                </span>
            </button>
        </th>
    );
}

/** The heads of a table's columns, each by what its column is ordered by. */
export function headsOf(order: Order, onOrder: (order: Order) => void) {
    return (by: string, label: string, className: string) => (
        <SortHead by={by} order={order} onOrder={onOrder} className={className}>
            {label}
        </SortHead>
    );
}
