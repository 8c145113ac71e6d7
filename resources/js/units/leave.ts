import type { PostDrawn } from '../generated/formats';
import { formatLength, type Units } from './units';

const QUARTERS = ['', '¼', '½', '¾'];

/** A number in quarters, as turns and posts are counted: 2¼. */
export function quarters(count: number): string {
    const whole = Math.round(count * 4);
    const parts = `${whole >= 4 || whole === 0 ? Math.floor(whole / 4) : ''}${QUARTERS[whole % 4] ?? ''}`;
    return parts;
}

/** What to leave and where to cut, no finer than anybody cuts: 1 mm, on basses 5. */
export function leaveWords(
    { turns, slack_mm: slack, cut_past_post_mm: cut, posts_past: posts, length_needed_mm: needed }: PostDrawn,
    bass: boolean,
    units: Units,
): string {
    const step = bass ? 5 : 1;
    const length = (mm: number) => formatLength(Math.round(mm / step) * step, units);
    return [
        `${quarters(turns)} turns`,
        slack === null ? '' : `leave ${length(slack)}`,
        cut === null ? '' : `cut ${length(cut)} past the post${posts === null ? '' : ` (${quarters(posts)} posts)`}`,
        needed === null ? '' : `takes ${length(needed)} in all`,
    ]
        .filter((part) => part !== '')
        .join(', ');
}
