/** A string that may sound: what the tuner knows of it before it hears it. */
export interface Listened {
    position: number;
    /** What it should sound, Hz; stopped at a fret, what it should sound there. */
    hz: number;
    /** How stiff it is: B of its inharmonicity, and what that may be. */
    stiffness: { low: number; estimate: number; high: number };
    /** Where it stands, cents from there, if that is known. */
    about?: number | null;
    /** At which fret it is stopped; open if left out. */
    fret?: number;
    /** Whether it may sound as a harmonic, touched lightly: only where it is open. */
    touched?: boolean;
}

/** What is heard in one look. */
export type Hearing =
    /** Nothing sounds that was not there before. */
    | { kind: 'silence' }
    /** Something began; it is not clear yet what. */
    | { kind: 'beginning' }
    /** A string, so far from what it should sound. It is sure once several looks agree. */
    | { kind: 'string'; position: number; fret: number; hz: number; cents: number; sure: boolean }
    /** One of two, and nothing tells which. */
    | { kind: 'between'; positions: [number, number] }
    /** A string touched so that only every second, third or fourth partial sounds. */
    | { kind: 'harmonic'; position: number; every: number }
    /** Mains hum. */
    | { kind: 'hum'; hz: number }
    /** Too much else sounds to tell a string by. */
    | { kind: 'noise' };
