import type { Page } from '@playwright/test';
import { OF_COLOURS, violations, WCAG } from './axe';
import { expect } from './lira';

const SIZES = [
    [1280, 800],
    [820, 1180],
    [390, 844],
    [640, 400],
] as const;

const LOOKS = {
    light: { colorScheme: 'light', forcedColors: 'none' },
    dark: { colorScheme: 'dark', forcedColors: 'none' },
    forced: { colorScheme: 'light', forcedColors: 'active' },
} as const;

/** Looks at what is open on every size, in light, in dark and with the colours forced on it; nothing may be wrong, or stand out of the window. */
export async function expectForEveryone(page: Page, what: string, part = 'body'): Promise<void> {
    const wrong: string[] = [];
    for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        // Where nothing lies under what stays at the foot.
        await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight));
        for (const [look, media] of Object.entries(LOOKS)) {
            await page.emulateMedia(media);
            const by =
                look === 'light' ? ({ type: 'tag', values: WCAG } as const) : ({ type: 'rule', values: OF_COLOURS } as const);
            for (const found of await violations(page, by, part)) {
                wrong.push(`${what}, ${width}×${height}, ${look}: ${found.slice(0, 600)}`);
            }
        }
        const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
        if (over > 0) {
            wrong.push(`${what}, ${width}×${height}: ${over} px wider than the window`);
        }
    }
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.emulateMedia(LOOKS.light);
    expect.soft(wrong).toEqual([]);
}
