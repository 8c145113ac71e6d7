import { chromiumOptions } from '../chromium.mjs';
import { violations, WCAG } from './axe';
import { expect, test } from './lira';
import { goTo, VIEWS } from './views';

// They only look: each may go beside any other.
test.describe.configure({ mode: 'parallel' });

// A browser whose reader has set its text to twice the usual size.
test.use({ launchOptions: { ...chromiumOptions, args: [...chromiumOptions.args, '--blink-settings=defaultFontSize=32'] } });

for (const [name, view] of Object.entries(VIEWS)) {
    const { sides = {}, opens = {}, provokes = [] } = view;
    test(`${name} is read and used with text of twice the size`, async ({ page, provoked }) => {
        provoked.push(...provokes);
        const wrong: string[] = [];
        const look = async (what: string, part = 'body') => {
            for (const found of await violations(page, { type: 'tag', values: WCAG }, part)) {
                wrong.push(`${what}: ${found.slice(0, 600)}`);
            }
            const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
            if (over > 0) {
                wrong.push(`${what}: ${over} px wider than the window`);
            }
        };
        await goTo(page, view);
        expect(await page.evaluate(() => getComputedStyle(document.documentElement).fontSize)).toBe('28px');
        await look(name);
        for (const [side, step] of Object.entries(sides)) {
            await step(page);
            await page.waitForLoadState('networkidle');
            await look(`${name}: ${side}`);
        }
        for (const [dialog, open] of Object.entries(opens)) {
            await open(page);
            await expect(page.getByRole('dialog')).toBeVisible();
            await page.waitForLoadState('networkidle');
            await look(`${name}: ${dialog}`, '[role="dialog"]');
            await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
            await expect(page.getByRole('dialog')).toHaveCount(0);
        }
        expect(wrong).toEqual([]);
    });
}
