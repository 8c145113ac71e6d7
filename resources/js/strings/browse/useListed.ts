import type { Listed } from '../../generated/views';
import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { stringsSearch } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';
import { ask } from '../../server/api';

const PAGE = 200;

interface Answer {
    total: number;
    rows: Listed[];
}

/** The rows that are in sight, asked for by the page; `row` is undefined while it is on its way. */
export function useListed(query: string, first: number, last: number) {
    const pages = [...new Set([0, Math.floor(first / PAGE), Math.floor(last / PAGE)])];
    const answers = useQueries({
        queries: pages.map((page) => ({
            queryKey: ['strings', query, page],
            queryFn: ({ signal }: { signal: AbortSignal }) =>
                ask<Answer>(withAsked(stringsSearch, new URLSearchParams(`${query}&offset=${page * PAGE}`)), { signal }),
            placeholderData: page === 0 ? keepPreviousData : undefined,
            staleTime: 30_000,
        })),
    });
    const error = answers.find((answer) => answer.error !== null)?.error ?? null;
    return {
        total: answers[0]?.data?.total,
        row: (index: number): Listed | undefined => {
            const at = pages.indexOf(Math.floor(index / PAGE));
            return answers[at]?.data?.rows[index % PAGE];
        },
        error,
    };
}
