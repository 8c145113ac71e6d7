import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig, type Plugin } from 'vite';

const LEAST_BYTES = 1024;

/** Parts that at least so many pages and dialogs use. */
const SHARED_BY = 6;

/** What pages fetch once they stand, or only some of them at all. */
const LATER = /react-toast|ui\/(Toaster|Tabs)|react-tabs|react-roving-focus|(Places|Strings|Workshop)Frame/;

/** What is fetched with the first dialog, form or menu: the Bench opens without any. */
const CONTROLS =
    /(aria-hidden|react-remove-scroll(-bar)?|react-style-singleton|use-sidecar|use-callback-ref)\/|@floating-ui|@radix-ui\/(number|react-(dialog|dismissable-layer|focus-(scope|guards)|select|popper|collection|menu|dropdown-menu|arrow|use-size|use-previous|visually-hidden))|ui\/(Dialog|SelectParts)/;

/**
 * Parts of Inertia that nothing here uses (its forms, its endless lists) stay in every page because they are given a name for
 * development where they stand; without the names they are left out, with all that they bring. So is what asks beforehand
 * whether a form would be taken, which only a renamed cookie would need to know of.
 */
function unusedPartsLeftOut(): Plugin {
    return {
        name: 'lira-unused-parts-left-out',
        apply: 'build',
        transform: {
            filter: { id: /node_modules\/@inertiajs\/(react|core)\/dist\/index\.js$/ },
            handler: (code) => ({
                code: code
                    .replace(/^\w+\.displayName = .*$/gm, '')
                    .replace(/= (forwardRef|createContext)\(/g, '= /* @__PURE__ */ $1(')
                    .replace(/if \(\w+\.xsrf\w+\) \{\s*precognitionClient\.\w+\([^)]*\);\s*\}/g, ''),
                map: null,
            }),
        },
    };
}

/** What the Bench shares with its dialogs and with pages beside it; small parts go along, since each file is asked for by itself. */
const OF_DESIGNS =
    /resources\/js\/(bench\/(design|lanes|saving|sound)|units|server|generated\/addresses)\/|ui\/(SeverityMark|copied|keptSwitch)|frame\/(reading\/heard|reminders\/reminders)|devices\/pluck|node_modules\/(d3-array|idb|@tanstack)\//;

/** What takes the first keys on the Bench, and all it needs: a file of its own, there before the others. */
const FIRST = 'resources/js/bench/lanes/firstKeys.ts';
const OF_FIRST = /resources\/js\/(bench\/lanes\/(gauges|firstKeys)|units\/(stringType|units|figures))\.ts$/;

/** Writes every script, style and drawing compressed beside itself, so that whoever serves them only has to choose. */
function compressed(): Plugin {
    return {
        name: 'lira-compressed',
        apply: 'build',
        async writeBundle({ dir = '' }, bundle) {
            const names = Object.keys(bundle).filter((name) => /\.(js|css|svg)$/.test(name));
            await Promise.all(
                names.map(async (name) => {
                    const content = await readFile(join(dir, name));
                    if (content.length >= LEAST_BYTES) {
                        const quality = { params: { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY } };
                        await writeFile(join(dir, `${name}.br`), await promisify(brotliCompress)(content, quality));
                        await writeFile(join(dir, `${name}.gz`), await promisify(gzip)(content, { level: 9 }));
                    }
                }),
            );
        },
    };
}

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/js/app.tsx', FIRST], refresh: true }),
        react(),
        tailwindcss(),
        unusedPartsLeftOut(),
        compressed(),
    ],
    // Pages may use files of their own only, no data: addresses.
    build: {
        assetsInlineLimit: 0,
        // What most pages share comes in one file: a browser waits for each of many small ones.
        rolldownOptions: {
            // Addresses stand where they are used.
            optimization: { inlineConst: { mode: 'all', pass: 1 } },
            output: {
                codeSplitting: {
                    includeDependenciesRecursively: false,
                    groups: [
                        { name: 'first', priority: 2, test: OF_FIRST },
                        {
                            name: 'shared',
                            minShareCount: SHARED_BY,
                            priority: 1,
                            test: (id) => !LATER.test(id) && !CONTROLS.test(id),
                        },
                        { name: 'controls', minShareCount: SHARED_BY, test: CONTROLS },
                        { name: 'design', minShareCount: 2, test: OF_DESIGNS },
                    ],
                },
            },
        },
    },
});
