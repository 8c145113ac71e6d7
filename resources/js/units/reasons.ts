import type { Job } from '../generated/views';

/** Why strings are changed. */
export const REASONS: Record<Job['reason'], string> = {
    dull: 'the old ones are dull',
    broken: 'one broke',
    show: 'a show',
    season: 'the season',
    corroded: 'the old ones are corroded',
    conversion: 'a conversion',
    other: 'another reason',
};
