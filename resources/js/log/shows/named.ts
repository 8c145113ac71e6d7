import type { ShowsPage } from '../../generated/pages';

export type Named = ShowsPage['instruments'][number];

export const here = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
