<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\StringSet;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** What players type, and the set that a technician would put on for it: held by tests/fixtures/wishes.json, written before the code. */
final class WishesTest extends FeatureTestCase
{
    private const THOUSANDTH_MM = 0.0254;

    /** @param  list<\stdClass>  $wishes */
    #[DataProvider('wishes')]
    public function test_the_first_answer_is_a_set_that_somebody_would_fit(array $wishes): void
    {
        self::assertGreaterThanOrEqual(10, count($wishes));
        foreach ($wishes as $wish) {
            $answers = ['instrument' => self::word($wish->instrument), 'present' => self::word($wish->present), 'wish' => self::word($wish->wish)];
            $what = implode(' | ', $answers);
            if (isset($wish->tap) && $wish->tap instanceof \stdClass) {
                [$answer, $take] = [self::word($wish->tap->answer), self::word($wish->tap->take)];
                $offered = $this->postJson('/start/read', $answers)->assertOk()->json("instead.{$answer}");
                self::assertIsArray($offered, $what);
                self::assertContains(mb_strtolower($take), array_map(static fn (mixed $each): string => mb_strtolower(self::word($each)), $offered), $what);
                $answers[$answer] = $take;
            }
            $this->postJson('/start', $answers)->assertCreated();
            $set = StringSet::query()->latest('id')->firstOrFail();
            $strings = data_get($set->document, 'strings');
            self::assertIsArray($strings);
            self::assertIsArray($wish->strings);
            self::assertCount(count($wish->strings), $strings, $what);
            foreach ($wish->strings as $index => $accepted) {
                $string = $strings[$index];
                self::assertInstanceOf(\stdClass::class, $string);
                self::assertTrue(self::isAccepted($string, self::word($accepted)), sprintf(
                    '%s: string %d is %s %s, not %s', $what, $index + 1, json_encode($string->gauge_in ?? $string->gauge_mm ?? null), self::word($string->construction), self::word($accepted),
                ));
            }
        }
    }

    /** @return iterable<string, array{list<\stdClass>}> by kind */
    public static function wishes(): iterable
    {
        $fixture = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/wishes.json'), flags: JSON_THROW_ON_ERROR);
        $groups = [];
        foreach ($fixture instanceof \stdClass && is_array($fixture->wishes) ? $fixture->wishes : [] as $wish) {
            if ($wish instanceof \stdClass) {
                $groups[self::word($wish->group)][] = $wish;
            }
        }
        foreach ($groups as $group => $wishes) {
            yield $group => [$wishes];
        }
    }

    /** Alternatives parted by |, each a range of gauges and a construction. */
    private static function isAccepted(\stdClass $string, string $accepted): bool
    {
        $mm = isset($string->gauge_mm) && is_numeric($string->gauge_mm) ? (float) $string->gauge_mm
            : 1000 * self::THOUSANDTH_MM * (is_numeric($string->gauge_in ?? null) ? (float) $string->gauge_in : 0.0);
        foreach (explode(' | ', $accepted) as $one) {
            if (preg_match('~^([\d.]+)-([\d.]+)( mm)? (plain|wound)$~', $one, $parts) !== 1) {
                self::fail("“{$one}” is no range of gauges");
            }
            $gauge = $parts[3] === '' ? $mm / self::THOUSANDTH_MM : $mm;
            if ($gauge >= (float) $parts[1] - 1e-3 && $gauge <= (float) $parts[2] + 1e-3 && ($string->construction === 'plain') === ($parts[4] === 'plain')) {
                return true;
            }
        }

        return false;
    }

    private static function word(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
