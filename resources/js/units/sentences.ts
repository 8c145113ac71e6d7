import type { Parameters } from '../generated/formats';
import { SENTENCES } from '../generated/words';
import { fixed } from './figures';
import { fineLength, formatForce, formatGauge, MM_PER_INCH, type Units } from './units';

/** What is said with figures: a finding, a reason, a doubt. */
interface Said {
    code: string;
    message: string;
    parameters: Parameters;
}

const PART = /\[(\w+)=([\w-]+)\|([^[\]]*)\]/g;
const PLACE = /\{(\w+)(?::(\d))?(!)?\}/g;

/**
 * The sentence in the units of whoever reads it; how a figure is written follows from its name. `more` are sentences beside those that
 * every page has.
 */
export function sentenceOf({ code, message, parameters }: Said, units: Units, more: Record<string, string> = {}): string {
    const sentence = SENTENCES[code] ?? more[code];
    return sentence === undefined ? message : filled(sentence, parameters, units);
}

export function filled(sentence: string, parameters: Parameters, units: Units): string {
    return sentence
        .replace(PART, (_part, name: string, word: string, text: string) => (parameters[name] === word ? text : ''))
        .replace(PLACE, (_place, name: string, decimals: string | undefined, bare: string | undefined) => {
            const figure = written(name, parameters[name] ?? '', Number(decimals ?? 0), units);
            return bare === undefined ? figure : (figure.split(' ')[0] ?? '');
        });
}

function written(name: string, value: number | string, decimals: number, units: Units): string {
    if (typeof value === 'string') {
        return value;
    }
    if (name.endsWith('_n')) {
        return formatForce(value, units);
    }
    if (name.endsWith('gauge_mm')) {
        return `${formatGauge(value / MM_PER_INCH, units)}${units.gauge === 'mm' ? ' mm' : ''}`;
    }
    if (name.endsWith('_mm')) {
        return fineLength(value, units, decimals);
    }
    if (name.endsWith('_deg')) {
        return `${fixed(value, 1)}°`;
    }
    return name === 'share' || name.endsWith('_share') ? `${fixed(value * 100, 0)} %` : fixed(value, decimals);
}
