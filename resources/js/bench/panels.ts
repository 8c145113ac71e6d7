/** What opens over the Bench, one at a time. */
const PANELS = ['solve', 'convert', 'baseline', 'earlier', 'tuning', 'versions', 'labels', 'share'] as const;

export type Panel = (typeof PANELS)[number];

export type ShowPanel = (panel: Panel | null) => void;

/** Which one the address of the page asks for. */
export function askedPanel(): Panel | null {
    const asked = new URLSearchParams(window.location.search).get('open');
    return PANELS.find((each) => each === asked) ?? null;
}
