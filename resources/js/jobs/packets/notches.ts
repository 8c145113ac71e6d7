/** By how many bars on its label a packet is known. */
export function notchWords(count: number): string {
    return count === 1 ? 'one notch' : `${count} notches`;
}

/** By what colour of its ball it is known, where that was noted with its lot. */
export function ballWords({ ball_colour: colour }: { ball_colour: string }): string {
    return colour === '' ? '' : `, ${colour} ball`;
}
