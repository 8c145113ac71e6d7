<?php

declare(strict_types=1);

namespace Tests\Core\Conversion;

use Lira\Document\Converter;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Strings\BuiltString;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** The gauges a converted set is given: plain or wound as strings are made, and the nearest there are. */
final class NearestSetTest extends CoreTestCase
{
    private const PLAIN_UP_TO = 22.0;

    private const WOUND_FROM = 17.0;

    public function test_steel_is_plain_and_wound_as_it_was_within_what_people_fit(): void
    {
        foreach (range(1, 9) as $semitones) {
            foreach ($this->converted(['to' => 'lower', 'semitones' => $semitones])->design->strings as $index => $string) {
                $thousandths = $string->spec->type->gauge->inThousandths();
                $place = $semitones.' lower, string '.($index + 1);
                $string->spec->type->construction->isWound()
                    ? self::assertGreaterThanOrEqual(self::WOUND_FROM - 1e-6, $thousandths, $place)
                    : self::assertLessThanOrEqual(self::PLAIN_UP_TO + 1e-6, $thousandths, $place);
            }
        }
    }

    public function test_no_other_gauge_there_is_comes_nearer(): void
    {
        $aims = array_map(
            static fn (EvaluatedString $string): float => $string->tunings[0]->tensionN,
            SetDocument::from($this->set())->evaluation()->strings,
        );
        foreach ([560, 610, 700, 760] as $lengthMm) {
            $document = $this->converted(['to' => 'scale', 'length_mm' => $lengthMm]);
            $pool = $document->brief()->pool->strings;
            foreach ($document->evaluation()->strings as $index => $string) {
                $type = $string->string->spec->type;
                $off = abs($string->tunings[0]->tensionN / $aims[$index] - 1);
                $same = array_filter($pool, static fn (BuiltString $other): bool => $other->spec->type->construction === $type->construction
                    && $other->spec->type->material === $type->material);
                self::assertGreaterThan(10, count($same));
                foreach ($same as $other) {
                    $heavier = $other->density->kgPerM / $string->string->density->kgPerM;
                    self::assertGreaterThanOrEqual(
                        $off - 1e-9,
                        abs($string->tunings[0]->tensionN * $heavier / $aims[$index] - 1),
                        "{$lengthMm} mm, string {$string->position}, {$other->spec->type->gauge->inThousandths()}",
                    );
                }
            }
        }
    }

    public function test_what_bears_no_more_than_caution_is_tried_first(): void
    {
        $document = $this->converted(['to' => 'scale', 'length_mm' => 700]);
        foreach ($document->evaluation()->strings as $string) {
            self::assertLessThan(0.9, (float) $string->tunings[0]->strength?->share->estimate, "String {$string->position}");
        }
    }

    /** @param  array<string, mixed>  $asked */
    private function converted(array $asked): SetDocument
    {
        $json = $this->set();
        $json->conversion = Json::object(Json::text($asked));

        return Converter::convert(SetDocument::from($json))->document;
    }

    /** A set that keeps every string well below what it can bear. */
    private function set(): \stdClass
    {
        $json = Documents::harbour();
        $scale = (object) ['type' => 'single', 'length_mm' => 648];
        $json->instrument = (object) ['name' => 'Turnstone', 'kind' => 'electric-guitar', 'scale' => $scale];
        $json->tunings = [(object) ['pitches' => ['D4', 'A3', 'F3', 'C3', 'G2', 'D2']]];
        $json->strings = array_map(static fn (int $position, float $thousandths): \stdClass => (object) [
            'position' => $position,
            'construction' => $position < 4 ? 'plain' : 'round-wound',
            'material' => $position < 4 ? 'music-wire' : 'nickel-plated-steel',
            'gauge_in' => $thousandths / 1000,
        ], range(1, 6), [11.0, 14.0, 18.0, 28.0, 38.0, 50.0]);
        unset($json->baseline, $json->target, $json->conversion);

        return $json;
    }
}
