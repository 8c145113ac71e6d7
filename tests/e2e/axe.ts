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
