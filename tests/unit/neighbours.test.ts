import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { expect, test } from 'vitest';
import { SCREEN_NEIGHBOURS } from '../Architecture/screenNeighbours';

const ROOT = 'resources/js';
const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
    .map((name) => join(ROOT, name))
    .filter((name) => /\.tsx?$/.test(name));

/** The files of ours that one names, now or on demand. */
function named(file: string): string[] {
    const found = [...readFileSync(file, 'utf8').matchAll(/(?:from|import)\s*\(?\s*'(\.[^']+)'/g)];
    return found.flatMap(([, to = '']) => {
        const path = normalize(join(dirname(file), to));
        return ['.ts', '.tsx', ''].map((end) => path + end).find((each) => existsSync(each) && statSync(each).isFile()) ?? [];
    });
}

const roomOf = (file: string) => relative(ROOT, file).split('/')[0] ?? '';

test('the rooms are all named, and lead round in no circle', () => {
    const rooms = readdirSync(ROOT).filter((name) => statSync(join(ROOT, name)).isDirectory());
    expect(Object.keys(SCREEN_NEIGHBOURS).sort()).toEqual(rooms.sort());
    const above: string[] = [];
    for (const [room, neighbours] of Object.entries(SCREEN_NEIGHBOURS)) {
        expect(neighbours.filter((each) => !above.includes(each))).toEqual([]);
        above.push(room);
    }
});

test('no file names one of a room that its own may not use', () => {
    const wrong = files.flatMap((file) => {
        const room = roomOf(file);
        const may = SCREEN_NEIGHBOURS[room];
        return may === undefined
            ? []
            : named(file)
                  .filter((other) => ![room, ...may].includes(roomOf(other)))
                  .map((other) => `${file} names ${other}`);
    });
    expect(wrong).toEqual([]);
    expect(files.length).toBeGreaterThan(200);
});

test('no two files need each other, however far round', () => {
    const done = new Set<string>();
    const walk = (file: string, way: string[]): void => {
        if (way.includes(file)) {
            throw new Error(`In a circle: ${[...way.slice(way.indexOf(file)), file].join(' → ')}`);
        }
        if (!done.has(file)) {
            named(file).forEach((other) => walk(other, [...way, file]));
            done.add(file);
        }
    };
    files.forEach((file) => walk(file, []));
    expect(done.size).toBe(files.length);
});
