import { Glyph } from '../../ui/Glyph';
import { type Want } from '../words';
import { Row } from './JobRow';
import type { JobRow } from '../../generated/views';
import type { ReactNode } from 'react';

/** Jobs that want the same next. */
export function Group({ group: { title, empty }, rows, count, sought, now, fold, children }: GroupProps) {
    const inAll = count ?? rows.length;
    if (inAll === 0 && (empty === null || sought)) {
        return null;
    }
    return (
        <section aria-label={title} className="mt-6">
            <h2 className="text-lg font-bold">
                {fold === null ? (
                    title
                ) : (
                    <button
                        type="button"
                        aria-expanded={fold.open}
                        className="inline-flex min-h-target items-center gap-2 rounded-mark hover:bg-accent-wash"
                        onClick={fold.turn}
                    >
                        {title} ({inAll}) <Glyph sign={fold.open ? 'up' : 'down'} />
                    </button>
                )}
            </h2>
            {rows.length === 0 && <p className="text-ink-soft">{empty}</p>}
            <ul hidden={fold?.open === false} className="mt-1 border-t border-rule">
                {rows.map((row) => (
                    <Row key={row.id} row={row} now={now} />
                ))}
            </ul>
            {children}
        </section>
    );
}

export interface GroupProps {
    group: (typeof GROUPS)[number];
    rows: JobRow[];
    /** How many there are, where not all of them are given. */
    count: number | null;
    sought: boolean;
    now: number;
    /** Those that are over stand folded until somebody looks. */
    fold: { open: boolean; turn: () => void } | null;
    children: ReactNode;
}

export const GROUPS: { want: Want; title: string; empty: string | null }[] = [
    { want: 'hand', title: 'Wants a hand now', empty: 'Nothing wants a hand just now.' },
    { want: 'rests', title: 'Rests', empty: null },
    { want: 'waits', title: 'Waits for a string', empty: null },
    { want: 'over', title: 'Finished', empty: null },
];
