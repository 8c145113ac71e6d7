/** Which strings, in words: string 4; strings 3 and 4. */
export function stringsWords(positions: number[]): string {
    return positions.length === 1
        ? `string ${positions[0]}`
        : `strings ${positions.slice(0, -1).join(', ')} and ${positions.at(-1)}`;
}

/** Words at the beginning of a sentence. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
