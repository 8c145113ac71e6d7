import type { Problem } from '../../generated/formats';

export interface Mapping {
    columns: Partial<Record<FieldName, number>>;
    units: Partial<Record<FieldName, string>>;
    construction: string | null;
    material: string | null;
}

export interface Preview {
    id: number;
    original: string;
    encoding: string;
    delimiter: string;
    header: string[];
    rows: string[][];
    /** Whether the columns are mapped as they were for the last list with these titles. */
    remembered: boolean;
    mapping: Mapping;
}

export interface Progress {
    id: number;
    status: 'checking' | 'checked' | 'written';
    share: number;
    rows: number;
    good: number;
    rejected: number;
    rejects: { line: number; reason: string }[];
    difference: {
        added: number;
        changed: number;
        same: number;
        gone: number;
        changes: { code: string; words: string[] }[];
        gone_codes: string[];
    } | null;
}

export type FieldName =
    'code' | 'name' | 'construction' | 'material' | 'gauge' | 'density' | 'length' | 'end' | 'price' | 'box_of' | 'box_price';

/** What a column can say, and in which units. */
export const FIELDS: { field: FieldName; label: string; needed?: boolean; units?: [string, string][] }[] = [
    { field: 'code', label: 'Order code', needed: true },
    {
        field: 'gauge',
        label: 'Gauge',
        needed: true,
        units: [
            ['thou', 'thou'],
            ['in', 'inches'],
            ['mm', 'mm'],
        ],
    },
    { field: 'construction', label: 'Construction' },
    { field: 'material', label: 'Material or wrap' },
    { field: 'name', label: 'Name' },
    {
        field: 'density',
        label: 'Mass per length',
        units: [
            ['g/m', 'g/m'],
            ['kg/m', 'kg/m'],
            ['lb/in', 'lb/in'],
        ],
    },
    {
        field: 'length',
        label: 'Made length',
        units: [
            ['mm', 'mm'],
            ['cm', 'cm'],
            ['in', 'inches'],
        ],
    },
    { field: 'end', label: 'End' },
    { field: 'price', label: 'Price of one' },
    { field: 'box_of', label: 'Strings in a box' },
    { field: 'box_price', label: 'Price of a box' },
];

const DELIMITERS: Record<string, string> = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'bars' };

/** What was found out about a file, in words. */
export function fileWords({ encoding, delimiter, header }: Preview): string {
    return `${header.length} columns separated by ${DELIMITERS[delimiter] ?? delimiter}, written in ${encoding}`;
}

/** What a list would do, in a sentence. */
export function differenceWords(difference: NonNullable<Progress['difference']>): string {
    const parts = [
        difference.added > 0 ? `${difference.added} new` : null,
        difference.changed > 0 ? `${difference.changed} changed` : null,
        difference.same > 0 ? `${difference.same} as before` : null,
        difference.gone > 0 ? `${difference.gone} no longer listed` : null,
    ].filter((part) => part !== null);
    return parts.length === 0 ? 'Nothing can be taken from it.' : `${parts.join(', ')}.`;
}

/** The first problem's sentence. */
export const firstOf = (problems: Problem[]) => problems[0]?.message ?? 'That did not work. Try again.';
