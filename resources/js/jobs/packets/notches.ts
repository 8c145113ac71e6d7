/** By how many bars on its label a packet is known. */
export function notchWords(count: number): string {
    return count === 1 ? 'one notch' : `${count} notches`;
}
