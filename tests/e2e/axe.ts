import type { Page } from '@playwright/test';
import axe, { type AxeResults, type RunOptions } from 'axe-core';

/** The tags of WCAG 2.2, A and AA. */
export const WCAG = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** What depends on colours; everything else is the same in every look. */
export const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/**
 * What axe finds wrong on a page or a part of it, a line for each rule with what breaks it. A page gets axe once.
 *
 * @param runOnly the tags or the rules to look by
 */
export async function violations(page: Page, runOnly: NonNullable<RunOptions['runOnly']>, part = 'html'): Promise<string[]> {
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(axe.source);
        await page.evaluate(readColoursOnce);
    }
    const found = await page.evaluate(
        async (asked) => {
            const { axe: here } = window as unknown as {
                axe: { run: (part: string, options: RunOptions) => Promise<AxeResults> };
            };
            return (await here.run(asked.part, { runOnly: asked.runOnly, resultTypes: ['violations'] })).violations;
        },
        { part, runOnly },
    );
    return found.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

interface Colour {
    r: number;
    g: number;
    b: number;
    alpha: number;
    parseString: (text: string) => Colour;
}

/** The same few colours stand on every element, and to read one takes axe longer than all else that it does with it: it is read once. */
function readColoursOnce(): void {
    const { prototype } = (window as unknown as { axe: { commons: { color: { Color: { prototype: Colour } } } } }).axe.commons
        .color.Color;
    const read: unknown = Reflect.get(prototype, 'parseString');
    const known = new Map<string, Pick<Colour, 'r' | 'g' | 'b' | 'alpha'>>();
    prototype.parseString = function (this: Colour, text: string) {
        const before = known.get(text);
        if (before !== undefined) {
            return Object.assign(this, before);
        }
        Reflect.apply(read as Colour['parseString'], this, [text]);
        known.set(text, { r: this.r, g: this.g, b: this.b, alpha: this.alpha });
        return this;
    };
}
