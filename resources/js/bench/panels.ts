/** What opens over the Bench, one at a time. */
export type Panel = 'solve' | 'convert' | 'baseline' | 'earlier' | 'tuning' | 'versions' | 'labels' | 'share';

export type ShowPanel = (panel: Panel | null) => void;
