<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use Lira\Document\SetDocument;
use Lira\Finding\FitAspect;
use Lira\Finding\FitCheck;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

final class FitCheckTest extends CoreTestCase
{
    public function test_nothing_is_called_fine_that_was_not_measured(): void
    {
        $checks = self::checks(Documents::harbour());

        self::assertCount(6 * count(FitAspect::cases()), $checks);
        foreach ($checks as $check) {
            self::assertFalse($check->isMeasured() && $check->string === null);
            self::assertFalse($check->isFine() && ! $check->isMeasured());
        }
        self::assertFalse(self::of($checks, FitAspect::NutSlot, 1)->isMeasured());
    }

    public function test_each_aspect_tells_what_the_string_has_and_what_the_instrument_allows(): void
    {
        $document = Documents::harbour();
        $document->instrument = (object) ([
            'hardware' => (object) [
                'nut' => (object) ['slots_mm' => [0.3, 0.4, 0.5, 0.8, 1.1, 1.2]],
                'posts' => (object) ['hole_diameter_mm' => 2.0],
                'saddle' => (object) ['travel_mm' => 50, 'drop_mm' => 10, 'anchor_distance_mm' => 10],
            ],
        ] + get_object_vars($document->instrument instanceof \stdClass ? $document->instrument : new \stdClass));
        $checks = self::checks($document);

        $slot = self::of($checks, FitAspect::NutSlot, 1);
        self::assertTrue($slot->isFine());
        self::assertClose(0.2794, (float) $slot->string, 1e-9);
        self::assertClose(0.3, (float) $slot->instrument, 1e-12);
        // The last string is 1.32 mm: too wide for its slot.
        $narrow = self::of($checks, FitAspect::NutSlot, 6);
        self::assertFalse($narrow->isFine());
        self::assertSame('nut-slot-narrow', $narrow->finding?->type->code);
        self::assertTrue(self::of($checks, FitAspect::PostHole, 6)->isFine());
        self::assertTrue(self::of($checks, FitAspect::SaddleTravel, 6)->isFine());
        self::assertClose(45.0, (float) self::of($checks, FitAspect::SaddleAngle, 3)->string, 1e-9);
        self::assertFalse(self::of($checks, FitAspect::Length, 1)->isMeasured());
    }

    public function test_a_finding_about_the_whole_instrument_holds_for_each_string(): void
    {
        $document = Documents::harbour();
        $document->instrument = (object) ([
            'hardware' => (object) ['saddle' => (object) ['drop_mm' => 1, 'anchor_distance_mm' => 20]],
        ] + get_object_vars($document->instrument instanceof \stdClass ? $document->instrument : new \stdClass));

        foreach (range(1, 6) as $position) {
            self::assertSame('saddle-angle', self::of(self::checks($document), FitAspect::SaddleAngle, $position)->finding?->type->code);
        }
    }

    /** @return list<FitCheck> */
    private static function checks(\stdClass $json): array
    {
        $document = SetDocument::from($json);

        return FitCheck::all($document->design, $document->assessment(), $document->limits);
    }

    /** @param  list<FitCheck>  $checks */
    private static function of(array $checks, FitAspect $aspect, int $position): FitCheck
    {
        foreach ($checks as $check) {
            if ($check->aspect === $aspect && $check->position === $position) {
                return $check;
            }
        }
        self::fail("{$aspect->value} of string {$position} was not looked at");
    }
}
