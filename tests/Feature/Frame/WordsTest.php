<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use Inertia\Testing\AssertableInertia;
use Lira\Wording\Glossary;
use Tests\Feature\FeatureTestCase;

/** The field's words explained: all on a page, and each where it stands. */
final class WordsTest extends FeatureTestCase
{
    public function test_all_stand_on_a_page_and_each_is_told_alone(): void
    {
        $this->get('/words')->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page
            ->component('frame/WordsPage')->where('groups.Tunings.capo', Glossary::GROUPS['Tunings']['capo']));
        foreach (Glossary::words() as $word => $meaning) {
            $this->getJson('/words/'.rawurlencode($word))->assertOk()->assertExactJson(['word' => $word, 'meaning' => $meaning]);
        }
        $this->getJson('/words/no such word')->assertNotFound();
    }

    public function test_every_word_that_a_screen_explains_is_among_them_and_none_stands_twice(): void
    {
        $asked = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path('resources/js'))) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'tsx') {
                preg_match_all('/(?:<Explained|<Section title="[^"]+") word="([^"]+)"/', (string) file_get_contents($file->getPathname()), $found);
                array_push($asked, ...$found[1]);
            }
        }

        self::assertGreaterThan(8, count($asked));
        self::assertSame([], array_diff($asked, array_keys(Glossary::words())));
        self::assertSame(array_sum(array_map(count(...), Glossary::GROUPS)), count(Glossary::words()));
    }
}
