import type { Finding } from '../generated/formats';
import { REMEDIES as NAMES } from '../generated/words';

/** What kind of thing cures it, in the order in which one would think of it. */
export const REMEDIES = Object.entries(NAMES).map(([remedy, name]) => ({ remedy: remedy as Finding['remedy'], name }));
