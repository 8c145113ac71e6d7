/** Whether a text has every one of some words, however they are parted, in large or small letters. */
export function matches(text: string, words: string): boolean {
    const there = text.toLowerCase();
    return words
        .toLowerCase()
        .split(/\s+/)
        .every((word) => there.includes(word));
}
