/** The parts of a text that somebody may begin to type. */
const partsOf = (text: string) =>
    text
        .toLowerCase()
        .split(/[^\p{L}\p{N}♯♭#.]+/u)
        .filter((part) => part !== '');

const WHOLE = 1;
const BEGINNING = 0.9;
const INSIDE = 0.45;
/** What is said of it besides its name counts less than the name. */
const BESIDES = 0.8;

function of(word: string, text: string): number {
    const parts = partsOf(text);
    if (parts.includes(word)) {
        return WHOLE;
    }
    return parts.some((part) => part.startsWith(word)) ? BEGINNING : text.toLowerCase().includes(word) ? INSIDE : 0;
}

/** How well a thing answers what is typed, 0 (not at all) to 1: every word has to be in its name or in what is said of it besides. */
export function rank(name: string, typed: string, besides: string[] = []): number {
    const each = partsOf(typed).map((word) =>
        Math.max(of(word, name), BESIDES * Math.max(0, ...besides.map((said) => of(word, said)))),
    );
    return Math.min(1, ...each);
}

const pairs = (word: string) => Array.from({ length: Math.max(0, word.length - 1) }, (_, at) => word.slice(at, at + 2));

/** How much two words are spelt alike, 0 to 1, by the pairs of letters they share. */
function alike(one: string, other: string): number {
    const left = pairs(one);
    const right = pairs(other);
    const shared = left.filter((pair) => right.includes(pair)).length;
    return left.length + right.length === 0 ? 0 : (2 * shared) / (left.length + right.length);
}

/** How near a thing comes to a word that nothing has, 0 to 1: by the one of its own words that is spelt most like it. */
export function nearness(name: string, typed: string, besides: string[] = []): number {
    const words = partsOf([name, ...besides].join(' ')).filter((word) => word.length > 2);
    return Math.max(0, ...partsOf(typed).flatMap((word) => words.map((each) => alike(word, each))));
}
