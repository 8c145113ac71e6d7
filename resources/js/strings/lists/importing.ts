import type { Difference, ImportPreview } from '../../generated/views';
import type { LIST_FIELDS } from '../../generated/words';

export type FieldName = (typeof LIST_FIELDS)[number]['field'];

const DELIMITERS: Record<string, string> = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' };

/** What was found out about a file, in words. */
export function fileWords({ encoding, delimiter, header }: ImportPreview): string {
    return `${header.length} columns separated by ${DELIMITERS[delimiter] ?? delimiter}, written in ${encoding}`;
}

/** What a list would do, in a sentence. */
export function differenceWords(difference: Difference): string {
    const parts = [
        difference.added > 0 ? `${difference.added} new` : null,
        difference.changed > 0 ? `${difference.changed} changed` : null,
        difference.same > 0 ? `${difference.same} as before` : null,
        difference.gone > 0 ? `${difference.gone} no longer listed` : null,
    ].filter((part) => part !== null);
    return parts.length === 0 ? 'Nothing can be taken from it.' : `${parts.join(', ')}.`;
}
