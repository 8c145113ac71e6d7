import type { Frame } from '../frames';
import type { AtPost } from './PostDrawing';

const WAYS: Record<string, AtPost> = { slack_mm: 'let-back', cut_past_post_mm: 'cut-first' };

/** What is done at the post of a string in these frames. */
export function atPost(frames: readonly Frame[]): AtPost {
    const fits = frames.find(({ key }) => key.startsWith('fit:'));
    if (fits !== undefined) {
        return WAYS[fits.part?.figure?.name ?? ''] ?? 'snug';
    }
    return frames.some(({ step }) => step.phase === 'tune') ? 'tuning' : 'off';
}
