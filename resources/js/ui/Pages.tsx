import { Button } from './Button';
import { Glyph } from './Glyph';

/** So many rows stand on a page of a long list. */
const ROWS = 30;

/** The part of a list that stands on a page, counted from 1; one beyond the last is the last. */
export function pageOf<T>(all: T[], page: number): { rows: T[]; page: number; pages: number } {
    const pages = Math.max(1, Math.ceil(all.length / ROWS));
    const at = Math.min(Math.max(1, Math.floor(page) || 1), pages);
    return { rows: all.slice((at - 1) * ROWS, at * ROWS), page: at, pages };
}

/** Leads from one page of a list to the next; nothing where all of it stands on one. */
export function Pages({ page, pages, onPage }: { page: number; pages: number; onPage: (page: number) => void }) {
    return (
        pages > 1 && (
            <nav aria-label="Pages" className="mt-4 flex items-center gap-2">
                <Button disabled={page === 1} aria-label="The page before" onClick={() => onPage(page - 1)}>
                    <Glyph sign="left" />
                </Button>
                <span aria-current="page">
                    Page {page} of {pages}
                </span>
                <Button disabled={page === pages} aria-label="The next page" onClick={() => onPage(page + 1)}>
                    <Glyph sign="right" />
                </Button>
            </nav>
        )
    );
}
