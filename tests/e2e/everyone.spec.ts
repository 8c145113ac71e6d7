import type { Page } from '@playwright/test';
import { expectForEveryone } from './forEveryone';
import { expect, test } from './lira';
import { goTo, VIEWS } from './views';

// They only look: each may go beside any other.
test.describe.configure({ mode: 'parallel' });

// By finger everything is larger: what fits there fits under a pointer.
test.use({ hasTouch: true });

/** What has the focus stands on the page itself, not nowhere. */
async function expectFocusOnPage(page: Page): Promise<void> {
    await expect.poll(() => page.evaluate(() => document.activeElement?.closest('main, header') !== null)).toBe(true);
}

for (const [name, view] of Object.entries(VIEWS)) {
    const { sides = {}, opens = {}, provokes = [] } = view;
    test(`everyone can use ${name}: on every size, in light, dark and forced colours`, async ({ page, provoked }) => {
        provoked.push(...provokes);
        await goTo(page, view);
        await expectForEveryone(page, name);
        for (const [side, step] of Object.entries(sides)) {
            await step(page);
            await page.waitForLoadState('networkidle');
            await expectForEveryone(page, `${name}: ${side}`);
        }
        for (const [dialog, open] of Object.entries(opens)) {
            await open(page);
            const opened = page.getByRole('dialog');
            await expect(opened).toBeVisible();
            await page.waitForLoadState('networkidle');
            await expectForEveryone(page, `${name}: ${dialog}`, '[role="dialog"]');
            await opened.getByRole('button', { name: 'Close', exact: true }).click();
            await expect(opened).toHaveCount(0);
            await expectFocusOnPage(page);
            // Back closes it as well, and leads nowhere else.
            const address = page.url();
            await open(page);
            await expect(opened).toBeVisible();
            await page.goBack();
            await expect(opened).toHaveCount(0);
            expect(page.url()).toBe(address);
            await expectFocusOnPage(page);
        }
    });
}
