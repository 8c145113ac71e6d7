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
