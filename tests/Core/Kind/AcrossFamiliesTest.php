<?php

declare(strict_types=1);

namespace Tests\Core\Kind;

use Lira\Document\SetDocument;
use Lira\Finding\Finding;
use Lira\Material\Material;
use Lira\Pool\StandardPool;
use Lira\Solver\SetSolver;
use Lira\Strings\BuiltString;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Steel and polymers do not feel alike at the same pull: from one to the other what is usual counts, not newtons. */
final class AcrossFamiliesTest extends CoreTestCase
{
    private const OPEN_G = ['D4', 'B3', 'G3', 'D3', 'G4'];

    /** A banjo with usual gut gauges on it, beside the steel that was on it before. */
    private static function gutAfterSteel(): \stdClass
    {
        $gut = static fn (float $gauge): array => [$gauge, 'synthetic-gut', 'plain'];
        $json = Documents::usual('banjo', 670, self::OPEN_G, [$gut(18), $gut(22), $gut(26), $gut(33), $gut(18)]);
        $short = [(object) ['position' => 5, 'starts_at_fret' => 5]];
        $json = Documents::with('/instrument', (object) ((array) $json->instrument + ['short_strings' => $short]), $json);
        $steel = Documents::usual('banjo', 670, self::OPEN_G, [10, 11, 13, [20, 'nickel-plated-steel'], 10]);
        $steel = Documents::with('/instrument', $json->instrument, $steel);
        $json->baseline = (object) ['name' => 'Steel', 'instrument' => $steel->instrument, 'tunings' => $steel->tunings, 'strings' => $steel->strings];

        return $json;
    }

    public function test_usual_gut_does_not_flap_because_steel_pulled_more(): void
    {
        $document = SetDocument::from(self::gutAfterSteel());

        self::assertNotContains('too-slack', array_map(static fn (Finding $finding): string => $finding->type->code, $document->assessment()->findings));
        self::assertTrue($document->evaluation()->zones->usual);
        // Among strings of one family what one is used to counts as ever.
        $json = self::gutAfterSteel();
        unset($json->baseline);
        $json->baseline = (object) ['name' => 'Gut', 'instrument' => $json->instrument, 'tunings' => $json->tunings, 'strings' => $json->strings];
        self::assertFalse(SetDocument::from($json)->evaluation()->zones->usual);
    }

    public function test_a_set_of_gut_is_chosen_from_polymers_for_what_is_usual_of_them(): void
    {
        $json = self::gutAfterSteel();
        $json->target = (object) ['profile' => 'baseline'];
        $document = SetDocument::from($json);
        $brief = $document->brief();

        foreach ($brief->bands as $band) {
            self::assertEqualsWithDelta(32.0, $band->targetN, 1e-9);
        }
        foreach (SetSolver::solve($document->design, $brief)->solutions as $solution) {
            foreach ($solution->built() as $string) {
                self::assertNotSame(Material::MusicWire, $string->build->core?->material);
            }
        }
    }

    public function test_what_is_wound_beside_polymers_has_no_steel_in_it(): void
    {
        $document = SetDocument::from(self::gutAfterSteel());
        $cores = array_map(
            static fn (BuiltString $string): ?Material => $string->build->core?->material,
            StandardPool::like($document->design->instrument->kind, $document->design->strings)->strings,
        );

        self::assertNotContains(Material::MusicWire, $cores);
        self::assertContains(Material::SyntheticGut, $cores);
    }
}
