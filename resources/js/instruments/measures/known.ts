import { formatLength, type Units } from '../../units/units';
import { CHOICES, GROUPS, type Group, type Measure, type MeasureDraft, type Usual } from './measures';

/** A thing that is known of an instrument, or taken as usual until somebody measures it. */
export interface Known {
    label: string;
    value: string;
    assumed: boolean;
}

const UNITS: Record<Measure['quantity'], (units: Units) => string> = {
    length: ({ length }) => ` ${length}`,
    tension: ({ tension }) => ` ${tension}`,
    degrees: () => '°',
    rate: ({ tension, length }) => ` ${tension} per ${length}`,
    count: () => '',
    ratio: () => '',
    counts: () => '',
};

/** What is taken where something was not measured, as it was said or as a length. */
export function assumedOf({ assumed, quantity }: Measure, usual: Usual, strings: number, units: Units): string | null {
    const said = typeof assumed === 'function' ? assumed(usual, strings) : assumed;
    return said === undefined ? null : quantity === 'length' ? formatLength(Number(said), units) : said;
}

/** What stands in a draft, measured or usual; what is neither is left out. */
export function knownOf(group: Group, draft: MeasureDraft, usual: Usual, strings: number, units: Units): Known[] {
    return group.measures.flatMap((measure): Known[] => {
        const typed = (draft[measure.path] ?? '').trim();
        const assumed = assumedOf(measure, usual, strings, units);
        return typed !== ''
            ? [{ label: measure.label, value: typed + UNITS[measure.quantity](units), assumed: false }]
            : assumed === null
              ? []
              : [{ label: measure.label, value: assumed, assumed: true }];
    });
}

/** How it is built: what was chosen, and the usual of its kind where nothing was. */
export function builtOf(draft: MeasureDraft, usual: Usual): Known[] {
    return CHOICES.flatMap(({ path, label, names, usual: usually }): Known[] => {
        const chosen = draft[path] ?? '';
        const assumed = usually?.(usual) ?? null;
        return chosen !== ''
            ? [{ label, value: names[chosen] ?? chosen, assumed: false }]
            : assumed === null
              ? []
              : [{ label, value: names[assumed] ?? assumed, assumed: true }];
    });
}

/** By how much the figures gain where a group is measured, the most first. */
const WORTH = ['Action', 'Nut', 'Headstock and posts', 'Bridge and saddle', 'Neck', 'What it bears'];

const MOST = 3;

/** What to measure next: groups of which nothing was measured yet, then those with less than half, by what they are worth. */
export function nextToMeasure(draft: MeasureDraft): Group[] {
    const share = ({ measures }: Group) =>
        measures.filter(({ path }) => (draft[path] ?? '').trim() !== '').length / measures.length;
    return GROUPS.filter((group) => share(group) < 0.5)
        .sort(
            (one, other) =>
                Number(share(one) > 0) - Number(share(other) > 0) || WORTH.indexOf(one.name) - WORTH.indexOf(other.name),
        )
        .slice(0, MOST);
}
