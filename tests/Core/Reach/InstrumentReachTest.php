<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Lira\Document\Answers;
use Lira\Document\SetDocument;
use Lira\Finding\Severity;
use Lira\Limit\Limit;
use Lira\Reach\Bound;
use Lira\Reach\InstrumentReach;
use Lira\Strength\Breaking;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** At each bound of a gauge the finding that speaks of it is just about to be said. */
final class InstrumentReachTest extends CoreTestCase
{
    /** The set's own gauge, tuned to the bound a hair inside and a hair outside. */
    #[DataProvider('bounds')]
    public function test_a_bound_is_where_its_finding_starts(Bound $bound, int $position, string $code, \stdClass $json): void
    {
        $reach = self::reach($json);
        $string = $reach->strings[$position - 1];
        $own = null;
        foreach ($string->gauges as $gauge) {
            if (
                $gauge->string->spec->type->gauge->inMetres() === $string->string->string->spec->type->gauge->inMetres()
                && $gauge->string->spec->type->construction === $string->string->string->spec->type->construction
            ) {
                $own = $gauge;
            }
        }
        $hertz = $own?->at($bound);
        self::assertNotNull($hertz);
        $cents = 1200 * log($hertz / $string->string->tunings[0]->frequencyHz, 2);
        $inside = $bound->isFloor() ? 0.1 : -0.1;

        self::assertNotContains($code, self::codesTuned($json, $position, $cents + $inside));
        self::assertContains($code, self::codesTuned($json, $position, $cents - $inside));
    }

    /** @return iterable<string, array{Bound, int, string, \stdClass}> */
    public static function bounds(): iterable
    {
        $harbour = Documents::harbour();
        yield 'flaps' => [Bound::Flaps, 4, 'too-slack', $harbour];
        yield 'breaks' => [
            Bound::Breaks,
            1,
            'break-risk',
            Documents::with('/limits', (object) [Limit::ShorterLife->value => 0.75], self::without('limits')),
        ];
        yield 'does not intonate' => [
            Bound::Intonation,
            6,
            'saddle-travel',
            Documents::with('/instrument/hardware/saddle', (object) ['travel_mm' => 4.0], self::withHardware()),
        ];
        yield 'dull' => [Bound::Dull, 6, 'dull', Documents::with('/limits', (object) [Limit::Dull->value => 2.0e-4])];
        yield 'overloads' => [
            Bound::Overload,
            3,
            'total-over-maximum',
            Documents::with('/instrument/hardware/max_total_tension_n', 480, self::withHardware()),
        ];
    }

    public function test_the_practical_limits_are_the_best_of_the_gauges_that_fit(): void
    {
        $string = self::reach(Documents::harbour())->strings[5];
        [$lowest, $highest] = [$string->lowest(), $string->highest()];
        self::assertNotNull($lowest);
        self::assertNotNull($highest);

        foreach ($string->gauges as $gauge) {
            if ($gauge->serves()) {
                self::assertGreaterThanOrEqual($lowest->lowHz(), $gauge->lowHz());
                self::assertLessThanOrEqual($highest->highHz(), $gauge->highHz());
                self::assertLessThan($gauge->highHz(), $gauge->lowHz());
            }
            self::assertTrue($gauge->floor()->isFloor());
            self::assertFalse($gauge->ceiling()->isFloor());
        }
        self::assertSame(Bound::Breaks, $highest->ceiling());
    }

    public function test_gauges_that_do_not_go_through_the_post_do_not_count(): void
    {
        $json = Documents::with('/instrument/hardware', (object) ['posts' => (object) ['hole_diameter_mm' => 1.3]]);
        $lowest = self::reach($json)->strings[5]->lowest();

        self::assertNotNull($lowest);
        self::assertLessThanOrEqual(1.3e-3, $lowest->string->build->outerDiameterM);
        self::assertGreaterThan((float) self::reach(Documents::harbour())->strings[5]->lowest()?->lowHz(), $lowest->lowHz());
    }

    public function test_a_longer_scale_goes_lower_and_a_shorter_one_higher(): void
    {
        $at = static fn (float $mm): InstrumentReach => self::reach(Documents::with('/instrument/scale/length_mm', $mm));
        $down = static fn (InstrumentReach $reach): float => (float) ($reach->whole(true)['semitones'] ?? NAN);
        $up = static fn (InstrumentReach $reach): float => (float) ($reach->whole(false)['semitones'] ?? NAN);

        self::assertGreaterThan($down($at(630)), $down($at(760)));
        self::assertGreaterThan($up($at(760)), $up($at(630)));
        // Breaking depends on length and pitch alone, so the highest pitch moves as the length does.
        self::assertEqualsWithDelta(12 * log(760 / 630, 2), $up($at(630)) - $up($at(760)), 0.1);
    }

    public function test_what_is_written_is_what_was_found(): void
    {
        $answer = Answers::reach(SetDocument::from(Documents::harbour()));

        self::assertSame('C2', self::dig($answer, 'strings.5.pitch'));
        self::assertSame('G4', self::dig($answer, 'strings.0.highest.pitch'));
        self::assertSame('breaks', self::dig($answer, 'whole.up.bound'));
        self::assertSame(1, self::dig($answer, 'whole.up.position'));
        self::assertSame(7, self::dig($answer, 'whole.up.semitones'));
        self::assertSame(['plain', 'round-wound'], array_column((array) self::dig($answer, 'strings.0.families'), 'construction'));
    }

    public function test_a_string_that_intonates_at_no_tension_is_no_good_anywhere(): void
    {
        $json = Documents::with('/instrument/hardware/saddle', (object) ['travel_mm' => 0.01], self::withHardware());
        foreach (self::reach($json)->strings as $string) {
            foreach ($string->gauges as $gauge) {
                $core = $gauge->string->build->core;
                $snaps = $gauge->string->tension->frequencyHz(
                    Breaking::loadN($core ?? throw new \LogicException('It has a core')),
                    $string->string->tunings[0]->speakingLengthM,
                );
                self::assertEqualsWithDelta($snaps, (float) $gauge->at(Bound::Intonation), 1e-6 * $snaps);
                self::assertFalse($gauge->serves());
            }
            self::assertNull($string->lowest());
        }
        // Where there is room enough nothing is said of it.
        $free = Documents::with('/instrument/hardware/saddle', (object) ['travel_mm' => 60.0], self::withHardware());
        self::assertNull(self::reach($free)->strings[0]->gauges[0]->at(Bound::Intonation));
    }

    public function test_an_overloaded_instrument_has_no_way_up(): void
    {
        $json = Documents::with('/instrument/hardware/max_total_tension_n', 100, self::withHardware());
        $reach = self::reach($json);

        self::assertNull($reach->whole(false));
        self::assertNull($reach->strings[0]->highest());
        self::assertSame(0.0, $reach->strings[0]->gauges[0]->at(Bound::Overload));
    }

    private static function reach(\stdClass $json): InstrumentReach
    {
        return SetDocument::from($json)->reach();
    }

    private static function withHardware(): \stdClass
    {
        return Documents::with('/instrument/hardware', (object) ['posts' => new \stdClass]);
    }

    private static function without(string $key): \stdClass
    {
        $json = Documents::harbour();
        unset($json->{$key});

        return $json;
    }

    /** @return list<string> what is found on one string, and of the whole, when that string is so many cents away */
    private static function codesTuned(\stdClass $json, int $position, float $cents): array
    {
        $all = array_fill(0, 6, 0.0);
        $all[$position - 1] = $cents;
        $document = SetDocument::from(Documents::with('/tunings/0/cents', $all, $json));
        $codes = [];
        foreach ($document->assessment()->findings as $finding) {
            // That it may break, if it bears as little as it may, is a note: no bound.
            if ($finding->type->code === 'break-risk' && $finding->severity === Severity::Note) {
                continue;
            }
            if ($finding->position === null || $finding->position === $position) {
                $codes[] = $finding->type->code;
            }
        }

        return $codes;
    }
}
