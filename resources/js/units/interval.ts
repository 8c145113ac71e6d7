import type { Interval } from '../generated/formats';

/**
 * A range as it is read: one figure where nothing is guessed or both ends read the same, else both ends, the unit once: "56 to 81 %".
 *
 * @param written a figure as it is read, with its unit behind a space
 */
export function rangeOf({ low, high }: Interval, written: (value: number) => string): string {
    const [least, most] = [written(low), written(high)];
    const gap = least.lastIndexOf(' ');
    const unit = gap === -1 ? '' : least.slice(gap);
    return least === most ? least : `${unit !== '' && most.endsWith(unit) ? least.slice(0, gap) : least} to ${most}`;
}
