import type { OrderLine, Plan } from '../generated/views';

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
