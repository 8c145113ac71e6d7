import { capital } from './words';

/** A pitch as people read it: Eb3 becomes E♭3. */
export function pitchLabel(name: string): string {
    return name.replaceAll('#', '♯').replace(/(?<=[A-Ga-g])b+/g, (flats) => '♭'.repeat(flats.length));
}

/** A typed pitch as documents write it, as far as that is a matter of spelling: e♭3 becomes Eb3. The server judges it. */
export function pitchName(typed: string): string {
    const plain = typed.trim().replaceAll('♯', '#').replaceAll('♭', 'b');
    return capital(plain);
}

/** Every pitch by note number, spelt with sharps and with flats, as the server lists them. */
export type PitchLadder = [string, string][];

/** Where a pitch stands on the ladder, in any spelling: B♯3 where C4 does. -1 where it is none. */
export function rungOf(ladder: PitchLadder, name: string): number {
    const found = ladder.findIndex((rung) => rung.includes(name));
    const spelt = found >= 0 ? null : /^([A-G])(#*|b*)(-?\d+)$/.exec(name);
    if (spelt === null) {
        return found;
    }
    const [, letter = '', signs = '', octave = ''] = spelt;
    const natural = ladder.findIndex((rung) => rung.includes(letter + octave));
    return natural < 0 ? natural : natural + (signs.startsWith('b') ? -signs.length : signs.length);
}

/** The pitch some semitones away, flats staying flats; null beyond the ladder's ends. */
export function stepped(ladder: PitchLadder, semitones: number, present: string): string | null {
    const from = rungOf(ladder, present);
    const rung = from < 0 ? undefined : ladder[from + semitones];
    if (rung === undefined) {
        return null;
    }
    return present.includes('#') ? rung[0] : rung[1];
}

/** What a tuning is called: by its name, or by its notes from the last string to the first, as tunings are spoken. */
export function tuningLabel({ name, pitches }: { name?: string; pitches: string[] }): string {
    return name !== undefined && name !== ''
        ? name
        : pitches
              .map((pitch) => pitchLabel(pitch).replace(/-?\d+$/, ''))
              .reverse()
              .join(' ');
}
