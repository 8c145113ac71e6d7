import type { Source } from '../devices/own';
import type { Practice } from '../generated/formats';
import type { IntonatePage } from '../generated/pages';

/** What was read of one string: open, and stopped at the 12th three times at most; and what its saddle did before. */
export interface Read {
    nutToSaddle: number;
    /** Whether it was measured, now or when it was kept, and not only foretold. */
    measured: boolean;
    open: number | null;
    stopped: number[];
    before: { error_cents: number; moved_mm: number } | null;
    /** How sharp it was the first time, and how far its saddle went since. */
    foundCents: number | null;
    movedMm: number;
}

export const TIMES = 3;
export const FRET = 12;
/** More than this no saddle is moved by, and no bridge that stood anywhere near its place: another fret or string was read. */
const MOST_MM = 6;
const MOST_OF_BRIDGE_MM = 20;

/** Nothing read yet of a saddle that stands there. */
export function unread(nutToSaddle: number, measured: boolean): Read {
    return { nutToSaddle, measured, open: null, stopped: [], before: null, foundCents: null, movedMm: 0 };
}

/** Its saddle went so far, so that it has to be read again. Of one that was read, what it was then helps. */
export function movedBy(read: Read, mm: number, errorCents: number | null): Read {
    return {
        ...read,
        nutToSaddle: read.nutToSaddle + mm,
        open: null,
        stopped: [],
        before: errorCents === null ? null : { error_cents: errorCents, moved_mm: mm },
        foundCents: read.foundCents ?? errorCents,
        movedMm: read.movedMm + mm,
    };
}

/** What the core is asked of it; null while it was not read both open and stopped. */
export function readingOf(position: number, read: Read) {
    const stopped = median(read.stopped);
    return read.open === null || stopped === null
        ? null
        : {
              position,
              fret: FRET,
              open_hz: read.open,
              fretted_hz: stopped,
              nut_to_saddle_mm: read.nutToSaddle,
              ...(read.before === null ? {} : { before: read.before }),
          };
}

export function median(values: number[]): number | null {
    const sorted = [...values].sort((a, b) => a - b);
    return sorted[Math.floor((sorted.length - 1) / 2)] ?? null;
}

/** Whether a saddle, or a loose bridge, can be meant to move so far. */
export const canBeMeant = (mm: number, bridge = false): boolean => Math.abs(mm) <= (bridge ? MOST_OF_BRIDGE_MM : MOST_MM);

export function turnsWords(turns: number): string {
    const quarters = Math.max(1, Math.round(Math.abs(turns) * 4));
    const whole = Math.floor(quarters / 4);
    const part = ['', '¼', '½', '¾'][quarters % 4] ?? '';
    return `${whole === 0 ? '' : String(whole)}${part} ${quarters <= 4 ? 'turn' : 'turns'}`;
}

/** Which way, of a move that is positive away from the nut. */
export function wayWords(mm: number): string {
    return mm > 0 ? 'back' : 'forward';
}

/** A real saddle is taken to stand where it was left, or foretold, until it is measured; a simulated one at the scale length. */
export function unreadOf(strings: IntonatePage['strings'], source: Source): Read[] {
    return strings.map(({ scale_mm: scale, setback_mm: setback, found_mm: found, expected_mm: expected }) =>
        source === 'practice'
            ? unread(scale, false)
            : unread(scale + (found ?? expected ?? setback?.estimate ?? 0), found !== null),
    );
}

/** A string of the simulated instrument, heard open and stopped. */
export function heardIn({ strings }: Practice, index: number, read: Read): Read {
    const heard = strings[index];
    return heard === undefined
        ? read
        : { ...read, open: heard.hz, stopped: [heard.hz * 2 * 2 ** (heard.stopped_error_cents / 1200)] };
}
