import type { Listened } from './listened';

const STRINGS: [string, number, number][] = [
    ['B0', 30.868, 3e-4],
    ['E1', 41.203, 2.5e-4],
    ['A1', 55, 2e-4],
    ['D2', 73.416, 1.5e-4],
    ['G2', 97.999, 1e-4],
    ['E2', 82.407, 1.2e-4],
    ['A2', 110, 1e-4],
    ['D3', 146.832, 6e-5],
    ['G3', 195.998, 1e-4],
    ['B3', 246.942, 5e-5],
    ['E4', 329.628, 3e-5],
];

/** Strings of guitars and basses in standard tuning, to try a microphone by: as stiff as such strings are, within a factor of three. */
export const STANDARD: { name: string; string: Listened }[] = STRINGS.map(([name, hz, stiffness], index) => ({
    name,
    string: { position: index + 1, hz, stiffness: { low: stiffness / 3, estimate: stiffness, high: 2 * stiffness } },
}));
