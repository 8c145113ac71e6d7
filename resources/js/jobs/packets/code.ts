import type { JobString } from '../../generated/views';

/** The code in what was typed or scanned: an address ends with it. Null where it is none. */
export function codeIn(typed: string): string | null {
    return /(?:^|\/)(S\d{1,9}-\d{1,2}|L\d{1,9})$/i.exec(typed.trim())?.[1]?.toUpperCase() ?? null;
}

export type Found = { is: 'right' } | { is: 'wrong'; position: number } | { is: 'stranger' } | { is: 'none' };

/** Whose packet it is: that of the string in question, another one's of this job, or none of it. */
export function foundBy(typed: string, position: number, strings: JobString[]): Found {
    const code = codeIn(typed);
    if (code === null) {
        return { is: 'none' };
    }
    const own = strings.find((string) => string.position === position);
    if (own?.codes.includes(code) === true) {
        return { is: 'right' };
    }
    const other = strings.find(({ codes }) => codes.includes(code));
    return other === undefined ? { is: 'stranger' } : { is: 'wrong', position: other.position };
}
