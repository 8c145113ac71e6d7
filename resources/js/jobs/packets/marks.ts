import type { JobString } from '../../generated/views';

type Labelled = Pick<JobString, 'position' | 'labelled'>;

/** By how many bars on its label a packet is known; nothing where no labels were printed for its set. */
export function notchWords({ position, labelled }: Labelled): string[] {
    if (!labelled) {
        return [];
    }
    return [position === 1 ? 'one notch' : `${position} notches`];
}

/** By what colour of its ball it is known, where that was noted with its lot. */
export function ballWords({ ball_colour: colour }: { ball_colour: string }): string {
    return colour === '' ? '' : `, ${colour} ball`;
}
