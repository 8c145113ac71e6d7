import type { StringType } from '../lib/stringType';

export interface Supplier {
    id: number;
    revision: number;
    name: string;
    currency: string;
    shipping_cents: number;
    free_from_cents: number | null;
    lead_days: number;
    strings: number;
}

/** A string in a line, as it is listed. */
export interface Listed extends StringType {
    id: number;
    supplier_id: number;
    code: string;
    name: string;
    kg_per_m: number | null;
    cents: number | null;
    box_of: number | null;
    box_cents: number | null;
    end: 'ball' | 'loop' | 'bare' | null;
    /** How many lie in the drawer. */
    drawer: number;
}

/** All there is to say about one string. */
export interface Sheet extends Omit<Listed, 'kg_per_m' | 'drawer'> {
    supplier: string;
    currency: string;
    length_mm: number | null;
    kind: string;
    section: { core: { shape: string; size_mm: number } | null; layers_mm: number[]; outer_mm: number } | null;
    density: {
        kg_per_m: number;
        tolerance: number;
        source: 'modelled' | 'supplied' | 'measured';
        modelled_kg_per_m: number | null;
        off: number | null;
    } | null;
    suits: {
        low: string | null;
        usual: string | null;
        high: string | null;
        low_hz: number;
        high_hz: number;
        breaks: boolean;
    } | null;
    uses: { id: number; name: string; position: number }[];
}

export interface Filters {
    words: string;
    construction: string;
    material: string;
    supplier: string;
    from: string;
    to: string;
    order: 'gauge' | 'price' | 'code';
    drawer: boolean;
}

export const NO_FILTERS: Filters = {
    words: '',
    construction: '',
    material: '',
    supplier: '',
    from: '',
    to: '',
    order: 'gauge',
    drawer: false,
};

/** What the server is asked for; gauges have been made nanometres by then. */
export function queryOf(filters: Filters, nanometres: (typed: string) => number | null): string {
    const query = new URLSearchParams();
    const put = (key: string, value: string) => value !== '' && query.set(key, value);
    put('for', filters.words.trim());
    put('construction', filters.construction);
    put('material', filters.material);
    put('supplier', filters.supplier);
    for (const end of ['from', 'to'] as const) {
        const gauge = nanometres(filters[end]);
        put(end, gauge === null ? '' : String(gauge));
    }
    put('order', filters.order === 'gauge' ? '' : filters.order);
    put('drawer', filters.drawer ? '1' : '');
    return query.toString();
}

/** A price as it is read, with its currency. */
export function price(cents: number | null, currency: string): string {
    return cents === null ? '–' : `${(cents / 100).toFixed(2)} ${currency}`;
}
