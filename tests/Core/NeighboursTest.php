<?php

declare(strict_types=1);

namespace Tests\Core;

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
