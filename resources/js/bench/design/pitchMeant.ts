import { ask } from '../../server/api';
import { apiPitches } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

/** The pitch that is meant by what was typed: a frequency in hertz, or a note, in the octave nearest to the present one if it has none. */
export async function pitchMeant(typed: string, present: string, a4: number): Promise<string> {
    const hertz = /^(\d+(?:[.,]\d+)?)\s*hz$/i.exec(typed)?.[1]?.replace(',', '.');
    const query = new URLSearchParams(hertz === undefined ? { typed, near: present } : { hz: hertz, a4_hz: String(a4) });
    return (await ask<{ pitch: string }>(withAsked(apiPitches, query))).pitch;
}
