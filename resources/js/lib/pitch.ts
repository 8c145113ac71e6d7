/** A pitch as people read it: Eb3 becomes E♭3. */
export function pitchLabel(name: string): string {
    return name.replaceAll('#', '♯').replace(/(?<=[A-Ga-g])b+/g, (flats) => '♭'.repeat(flats.length));
}

/** A typed pitch as documents write it, as far as that is a matter of spelling: e♭3 becomes Eb3. The server judges it. */
export function pitchName(typed: string): string {
    const plain = typed.trim().replaceAll('♯', '#').replaceAll('♭', 'b');
    return plain.charAt(0).toUpperCase() + plain.slice(1);
}

/** Every pitch by note number, spelt with sharps and with flats, as the server lists them. */
export type PitchLadder = [string, string][];

/** The pitch some semitones away, flats staying flats. `noteNumber` is for spellings that the ladder lacks. */
export function stepped(ladder: PitchLadder, noteNumber: number, semitones: number, present: string): string | null {
    const found = ladder.findIndex((rung) => rung.includes(present));
    const rung = ladder[(found >= 0 ? found : noteNumber) + semitones];
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
