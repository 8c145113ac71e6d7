// Writes the TypeScript types of the open formats from their JSON Schemas. `--check` only tells whether they are current.
import { readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { compile } from 'json-schema-to-typescript';
import { format, resolveConfig } from 'prettier';

const formats = fileURLToPath(new URL('../docs/formats/', import.meta.url));
const target = fileURLToPath(new URL('../resources/js/generated/formats.ts', import.meta.url));
const names = [
    'lira-set',
    'lira-instrument',
    'lira-evaluation',
    'lira-solution',
    'lira-conversion',
    'lira-sound',
    'lira-fit',
    'lira-reach',
    'lira-plan',
    'lira-retuning',
    'lira-settling',
    'lira-intonation',
    'lira-relief',
    'lira-life',
    'lira-practice',
    'lira-setup',
    'lira-job-event',
    'lira-error',
];

const resolve = {
    urn: {
        order: 1,
        canRead: /^urn:lira:format:/,
        read: async (file) => {
            const text = await readFile(`${formats}${file.url.split(':')[3]}.schema.json`, 'utf8');
            return JSON.stringify(JSON.parse(text, withoutExclusiveKeys));
        },
    },
};

// "Exactly one of these keys" cannot be said in a type that also has all of them; the schema and the core say it.
function withoutExclusiveKeys(key, value) {
    const onlyRequires = key === 'oneOf' && value.every((branch) => Object.keys(branch).join() === 'required');
    return onlyRequires ? undefined : value;
}

// One schema that refers to all of them, so that what they share becomes one type.
const all = { title: 'Formats', type: 'object', additionalProperties: false, properties: {} };
for (const name of names) {
    const schema = JSON.parse(await readFile(`${formats}${name}.schema.json`, 'utf8'));
    all.properties[name] = { $ref: schema.$id };
}
const types = await compile(all, 'Formats', {
    bannerComment: '// Made from docs/formats by bin/generate-types.mjs. Change the schemas, not this file.',
    ignoreMinAndMaxItems: true,
    $refOptions: { resolve },
});
const pretty = await format(types, { ...(await resolveConfig(target)), parser: 'typescript' });

if (process.argv.includes('--check')) {
    const present = await readFile(target, 'utf8').catch(() => '');
    if (present !== pretty) {
        console.error('resources/js/generated/formats.ts is not what docs/formats say. Run: node bin/generate-types.mjs');
        process.exit(1);
    }
} else {
    await writeFile(target, pretty);
}
