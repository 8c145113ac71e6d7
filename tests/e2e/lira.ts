import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Locator, type Page } from '@playwright/test';

/** Every test fails on a console error or an uncaught exception, unless it says which it provokes. */
export const test = base.extend<{ provoked: RegExp[]; quiet: undefined }>({
    provoked: async ({}, give) => {
        await give([]);
    },
    quiet: [
        async ({ page, provoked }, give) => {
            const errors: string[] = [];
            page.on('console', (message) => {
                if (message.type() === 'error' && !provoked.some((known) => known.test(message.text()))) {
                    errors.push(message.text());
                }
            });
            page.on('pageerror', (error) => errors.push(error.message));
            await give(undefined);
            expect(errors).toEqual([]);
        },
        { auto: true },
    ],
});

export { expect };

export const lane = (page: Page, position: number): Locator =>
    page.getByRole('group', { name: `String ${position}`, exact: true });
export const mark = (page: Page, position: number): Locator => lane(page, position).getByRole('slider');
export const pitch = (page: Page, position: number): Locator =>
    page.getByRole('textbox', { name: `Pitch of string ${position}`, exact: true });
export const tension = (page: Page, position: number): Locator => lane(page, position).locator('[data-figure="tension"]');
export const total = (page: Page): Locator => page.locator('[data-figure="total"]');
export const saved = (page: Page): Locator => page.getByRole('status').filter({ hasText: /Saved \d/ });

/** Opens a demo set from the list, as somebody would. */
export async function openSet(page: Page, name: string): Promise<void> {
    await page.goto('/sets');
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(name);
}

export async function expectAccessible(page: Page): Promise<void> {
    const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze();
    expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`)).toEqual([]);
}
