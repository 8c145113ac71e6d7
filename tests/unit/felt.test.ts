import { expect, test } from 'vitest';
import { awaySentence, feltSentence } from '../../resources/js/bench/choosing/felt';

const felt = (...words: string[]) => feltSentence(words.map((each, index) => ({ position: index + 1, words: each })));
const away = (...deviations: number[][]) =>
    awaySentence(
        deviations.map((deviation, index) => ({ position: index + 1, deviation })),
        0.04,
    );

test('how a set feels is said by what differs, and of most strings as the others', () => {
    const same = 'feels the same';
    expect(felt(same, same, same, same)).toBe('Every string feels the same');
    expect(felt('slacker', 'slacker', 'slacker')).toBe('Every string slacker');
    expect(felt(same, same, same, same, same, 'tighter')).toBe('String 6 tighter, the others the same');
    expect(felt(same, 'a little tighter', same, 'slacker', 'slacker', 'slacker')).toBe(
        'String 2 a little tighter, strings 1 and 3 the same, the others slacker',
    );
    // Two of four are not the others.
    expect(felt('tighter', same, 'tighter', same)).toBe('Strings 1 and 3 tighter, strings 2 and 4 the same');
    expect(felt()).toBe('');
});

test('without anything one is used to it is said how far from the aim the strings are, in the tuning furthest from it', () => {
    expect(away([0.01], [-0.03], [0.04])).toBe('Every string near the aim');
    expect(away([0.01], [0.02, -0.11], [0.03], [0.02])).toBe('String 2: 11 % under it, the others: near the aim');
    expect(away([0.08], [0.08])).toBe('Every string 8 % over the aim');
});
