import { capital, stringsWords } from '../../units/words';

interface OfString {
    position: number;
    words: string;
}

/** So many strings of one kind are “the others”. */
const OTHERS_FROM = 3;

/**
 * What is to be said of each string, as one sentence: those that differ by their numbers, most of them as the others.
 *
 * @param all how it is said where it holds for every string
 * @param between what stands between the strings and what is said of them
 */
function together(strings: OfString[], all: (words: string) => string, between = ' '): string {
    const groups = new Map<string, number[]>();
    for (const { position, words } of strings) {
        groups.set(words, [...(groups.get(words) ?? []), position]);
    }
    const sorted = [...groups].sort(([, a], [, b]) => a.length - b.length || (a[0] ?? 0) - (b[0] ?? 0));
    const most = sorted.at(-1);
    if (most === undefined) {
        return '';
    }
    if (sorted.length === 1) {
        return all(most[0]);
    }
    const said = sorted.map(([words, positions], index) =>
        index === sorted.length - 1 && positions.length >= OTHERS_FROM
            ? `the others${between}${words}`
            : `${stringsWords(positions)}${between}${words}`,
    );
    return capital(said.join(', '));
}

/** How a set feels beside what one is used to, in one sentence; empty where there is nothing that one is used to. */
export function feltSentence(changes: { position: number; words: string | undefined }[]): string {
    return together(
        changes.flatMap(({ position, words }) =>
            words === undefined ? [] : [{ position, words: words.replace('feels the same', 'the same') }],
        ),
        (words) => `Every string ${words === 'the same' ? 'feels the same' : words}`,
    );
}

/** How far a set is from what is aimed at, where there is nothing that one is used to. @param deviations of each string, in each tuning */
export function awaySentence(strings: { position: number; deviation: number[] }[], near: number): string {
    return together(
        strings.map(({ position, deviation }) => {
            const worst = deviation.reduce((most, each) => (Math.abs(each) > Math.abs(most) ? each : most), 0);
            const percent = Math.round(Math.abs(worst) * 100);
            return {
                position,
                words: Math.abs(worst) <= near ? 'near the aim' : `${percent} % ${worst > 0 ? 'over' : 'under'} it`,
            };
        }),
        (words) => `Every string ${words.replace(/ it$/, ' the aim')}`,
        ': ',
    );
}
