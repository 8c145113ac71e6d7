import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import type { FittingPlan, FittingStep } from '../../resources/js/generated/formats';
import { nextScreen, whereabouts, type Whereabouts } from '../../resources/js/jobs/frames';
import { pressClaim } from '../../resources/js/jobs/step/claims';

/** Plans of every kind of instrument, as the core makes them: each step its phase, its key, its parts, and whether something rests. */
const PLANS = JSON.parse(readFileSync('tests/fixtures/plans.json', 'utf8')) as Record<
    string,
    { steps: string[]; strings: { position: number }[] }
>;

function planOf({ steps, strings }: (typeof PLANS)[string]): FittingPlan {
    return {
        strings: strings.map((string) => ({ ...string, alike: [] })),
        steps: steps.map((written, index): FittingStep => {
            const [phase = '', key = '', ...parts] = written.split(' ');
            const position = /^(?:off|fit|tune)/.test(phase) ? /:(\d+)$/.exec(key)?.[1] : undefined;
            return {
                number: index + 1,
                key,
                phase: phase as FittingStep['phase'],
                position: position === undefined ? null : Number(position),
                rests_s: parts.includes('rests') ? 60 : null,
                parts: parts.filter((part) => part !== 'rests').map((part) => ({ key: part })),
            } as unknown as FittingStep;
        }),
    } as unknown as FittingPlan;
}

/** What a press may bring a string to, and how it says so. */
const SAID: Record<Exclude<Whereabouts, 'old' | 'none'>, RegExp> = {
    off: /\boff$/,
    slack: /on and wound/,
    pitch: /pitch/,
};

describe.each(['strings', 'steps'] as const)('what the button says is what the state is: %s', (going) => {
    test.each(Object.keys(PLANS))('%s', (name) => {
        const plan = planOf(PLANS[name] ?? { steps: [], strings: [] });
        const done = new Set<string>();
        const positions = plan.strings.map(({ position }) => position);
        const where = () => new Map(positions.map((position) => [position, whereabouts(plan, done, position)]));
        let reached = 0;
        for (let screen = nextScreen(plan, done, going); screen !== null; screen = nextScreen(plan, done, going)) {
            const said = pressClaim(screen, null);
            const before = where();
            for (const frame of screen.frames) {
                done.add(frame.key);
                const parts = frame.step.parts.map(({ key }) => key);
                if (parts.length === 0 || parts.every((key) => done.has(key))) {
                    done.add(frame.step.key);
                }
            }
            const after = where();
            const changed = positions.filter((position) => after.get(position) !== before.get(position));
            for (const position of changed) {
                const now = after.get(position) ?? 'none';
                expect([position, now, said], `${screen.key} brings string ${position} there`).toEqual([
                    position,
                    now,
                    expect.stringMatching(now === 'old' || now === 'none' ? /^$/ : SAID[now]),
                ]);
                reached++;
            }
            // And what is said has come about: a claim of a whole state is made only where a string came to it.
            for (const [state, words] of Object.entries(SAID) as [keyof typeof SAID, RegExp][]) {
                if (words.test(said) && !/semitone/.test(said)) {
                    expect([...after.values()], `${screen.key} says “${said}”`).toContain(state);
                    expect(changed.length, `${screen.key} says “${said}”`).toBeGreaterThan(0);
                }
            }
        }
        expect([...where().values()]).toEqual(positions.map(() => 'pitch'));
        expect(reached).toBeGreaterThanOrEqual(positions.length);
    });
});
