<?php

declare(strict_types=1);

namespace Tests\Core\Fitting;

use Lira\Document\SetDocument;
use Lira\Fitting\School\Schools;
use Lira\Fitting\StepKey;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What steps are called: all that plans have, whichever the schools, and nothing else. */
final class StepKeyTest extends CoreTestCase
{
    public function test_every_step_and_part_of_every_plan_is_one(): void
    {
        $seen = [];
        foreach ([Documents::harbour(), Documents::everything()] as $json) {
            foreach (Schools::aspects() as $aspect => $enum) {
                foreach ($enum::cases() as $school) {
                    $asked = clone $json;
                    $asked->job = (object) ['schools' => (object) [$aspect => $school->value]];
                    $document = SetDocument::from($asked);
                    foreach ($document->plan()->after([], ['again:1:1' => 1, 'whole:2:12' => 2])->steps as $step) {
                        foreach ([$step->key, ...array_map(static fn ($part): string => $part->key, $step->parts)] as $key) {
                            self::assertTrue(StepKey::isOne($key, count($document->design->strings)), $key);
                            $seen[$key] = true;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(40, count($seen));
    }

    public function test_what_is_none_is_none(): void
    {
        foreach (['', 'fit', 'fit:0', 'fit:7', 'fit:99', 'sing', 'sing:1', 'off:1:1', 'again:1', 'prepare:1', 'tune-stage-', 'tune-stage-12', "prepare\n"] as $key) {
            self::assertFalse(StepKey::isOne($key, 6), $key);
        }
    }
}
