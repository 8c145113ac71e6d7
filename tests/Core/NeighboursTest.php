<?php

declare(strict_types=1);

namespace Tests\Core;

use Tests\Architecture\AppNeighbours;
use Tests\Architecture\CoreNeighbours;

/** The table that the architecture rules hold the core to. */
final class NeighboursTest extends CoreTestCase
{
    public function test_it_names_every_folder_and_leads_round_in_no_circle(): void
    {
        $found = glob(__DIR__.'/../../core/*', GLOB_ONLYDIR);
        $folders = array_map(static fn (string $folder): string => basename($folder), $found === false ? [] : $found);
        $named = array_keys(CoreNeighbours::OF);
        sort($folders);
        $sorted = $named;
        sort($sorted);
        self::assertSame($folders, $sorted);

        $above = [];
        foreach (CoreNeighbours::OF as $name => $neighbours) {
            self::assertSame([], array_values(array_diff($neighbours, $above)), "{$name} may use only what stands above it");
            $above[] = $name;
        }
        foreach (CoreNeighbours::OF as $name => $neighbours) {
            self::assertNotContains('Document', $neighbours, "{$name} knows documents");
        }
    }

    public function test_the_rooms_of_the_application_are_all_named_lead_round_in_no_circle_and_keep_to_it(): void
    {
        $found = glob(__DIR__.'/../../app/*', GLOB_ONLYDIR);
        self::assertEqualsCanonicalizing(array_keys(AppNeighbours::OF), array_map(basename(...), $found === false ? [] : $found));
        $above = [];
        foreach (AppNeighbours::OF as $name => $neighbours) {
            self::assertSame([], array_values(array_diff($neighbours, $above)), "{$name} may use only what stands above it");
            $above[] = $name;
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__."/../../app/{$name}", \FilesystemIterator::SKIP_DOTS));
            /** @var \SplFileInfo $file */
            foreach ($files as $file) {
                $text = (string) file_get_contents($file->getPathname());
                preg_match_all('/\bApp\\\\([A-Z]\w+)\\\\/', $text, $used);
                self::assertSame([], array_values(array_diff($used[1], [$name, ...$neighbours])), $file->getPathname());
                self::assertTrue(in_array($name, AppNeighbours::SEEDS, true) || ! str_contains($text, 'Database\\Seeders'), $file->getPathname());
            }
        }
    }

    /** What the rules see in types, seen in the text too. */
    public function test_no_file_names_a_namespace_that_it_may_not_use(): void
    {
        $seen = 0;
        foreach (CoreNeighbours::OF as $name => $neighbours) {
            foreach ((array) glob(__DIR__."/../../core/{$name}/*.php") as $file) {
                preg_match_all('/\\bLira\\\\([A-Z]\w+)\\\\/', (string) file_get_contents((string) $file), $found);
                self::assertSame([], array_values(array_diff($found[1], [$name, ...$neighbours])), (string) $file);
                $seen++;
            }
        }
        self::assertGreaterThan(150, $seen);
    }
}
