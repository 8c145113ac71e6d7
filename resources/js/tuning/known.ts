import type { TunePage } from '../generated/pages';
import type { TunedString } from '../generated/views';

/** A set on its instrument. */
export type SetKnown = Pick<TunePage, 'set' | 'document' | 'tuning'>;

/** One of its strings, as it is listened for. */
export type StringKnown = Omit<TunedString, 'gauge_in'>;
