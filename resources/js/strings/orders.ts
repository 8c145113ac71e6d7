import type { StringType } from '../lib/stringType';

export interface OrderLine {
    kind: 'single' | 'box' | 'set';
    code: string;
    name: string;
    /** How many strings one of it has. */
    strings: number;
    count: number;
    cents: number;
}

export interface PlacedLine extends OrderLine {
    id: number;
    /** That arrived and wait to be put away. */
    sent: number;
    received: number;
}

export interface Order {
    id: number;
    supplier: string;
    name: string;
    /** Strings of the drawer that are kept for it and what was placed with it. */
    kept: number;
    status: 'draft' | 'on its way' | 'arrived' | 'done';
    currency: string;
    shipping_cents: number;
    due_on: string | null;
    since: string;
    total_cents: number;
    lines: PlacedLine[];
}

interface Kind extends StringType {
    count: number;
}

export interface Plan {
    needed: number;
    drawer: (Kind & { name: string })[];
    missing: Kind[];
    orders: {
        supplier: string;
        currency: string;
        lead_days: number;
        goods_cents: number;
        shipping_cents: number;
        lines: OrderLine[];
    }[];
    total_cents: number;
    /** What it is paid in, and what else suppliers take. */
    currency: string;
    currencies: string[];
    proven: boolean;
    /** No basket costs less than this. */
    at_least_cents: number;
    over: number;
    otherwise: { what: string; cents: number }[];
}

/** A design to order for. */
export interface Wanted {
    id: number;
    name: string;
    times: number;
    spares: number;
}

export function lineWords({ kind, count, name, strings }: OrderLine): string {
    return `${count} × ${name}${kind === 'box' ? `, box of ${strings}` : kind === 'set' ? `, set of ${strings}` : ''}`;
}

/** Why it is bought so, in sentences. */
export function planWords(plan: Plan): string[] {
    const money = (cents: number) => `${(cents / 100).toFixed(2)} ${plan.currency}`;
    const saved = plan.otherwise.filter(({ cents }) => cents > plan.total_cents);
    return [
        plan.proven
            ? 'No other mix of singles, boxes, packaged sets and parcels costs less.'
            : `This is the cheapest that was found in the time there is; none costs less than ${money(plan.at_least_cents)}.`,
        ...saved.map(({ what, cents }) => `It would cost ${money(cents)} ${what}: ${money(cents - plan.total_cents)} more.`),
        ...(plan.over > 0 ? [`${plan.over} more than needed come along and go into the drawer.`] : []),
    ];
}
