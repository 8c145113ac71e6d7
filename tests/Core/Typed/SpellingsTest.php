<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\Pitch;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Lira\Typed\Grammar;
use Lira\Typed\Quantity;
use Lira\Typed\TuningWords;
use Lira\Typed\TypedMake;
use Lira\Typed\TypedScale;
use Lira\Typed\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Everything in the table of spellings, which the browser is held to as well. */
final class SpellingsTest extends CoreTestCase
{
    /** @return list<list<mixed>> */
    private static function table(string $part): array
    {
        $table = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/spellings.json'), true, flags: JSON_THROW_ON_ERROR);

        /** @var list<list<mixed>> $rows */
        $rows = is_array($table) ? $table[$part] ?? [] : [];

        return $rows;
    }

    /** @return iterable<string, list<mixed>> */
    private static function rows(string $part): iterable
    {
        foreach (self::table($part) as $number => $row) {
            yield "{$number}: ".json_encode($row, JSON_UNESCAPED_UNICODE) => $row;
        }
    }

    public function test_there_are_more_than_a_hundred(): void
    {
        $all = array_sum(array_map(static fn (string $part): int => count(self::table($part)), ['gauges', 'lengths', 'tensions', 'scales', 'sets', 'tunings', 'nearest']));

        self::assertGreaterThan(100, $all);
    }

    /** What a unit begins with says which it is, however it is spelt. */
    public function test_every_spelling_of_a_length_is_of_its_unit(): void
    {
        foreach (array_keys(Grammar::LENGTHS) as $spelt) {
            $metres = match (true) {
                preg_match('/^(mm|milli)/', $spelt) === 1 => 0.001,
                preg_match('/^(cm|centi)/', $spelt) === 1 => 0.01,
                preg_match('/^(m$|met)/', $spelt) === 1 => 1.0,
                default => 0.0254,
            };
            self::assertEqualsWithDelta(3 * $metres, Quantity::length("3 {$spelt}", 'mm')->inMetres(), 1e-12, $spelt);
        }
    }

    public function test_a_gauge_of_nothing_is_none(): void
    {
        foreach (['0', '0 thou', '0w', '½'] as $typed) {
            self::assertRefused('is not a gauge', static fn () => Quantity::gauge($typed));
        }
    }

    /** More would be a list, not a question. */
    public function test_three_of_what_it_may_have_been_are_asked(): void
    {
        $asked = Unreadable::tuning('zzz', ['one', 'two', 'three', 'four']);
        self::assertStringEndsWith('Did you mean “one” or “two” or “three”?', $asked->getMessage());
        self::assertCount(4, $asked->offers);
    }

    public function test_what_bronze_a_set_is_of(): void
    {
        foreach (['12-53 80/20 bronze' => Material::Bronze8020, '12-53 80/20' => Material::Bronze8020, '12-53 bronze' => Material::PhosphorBronze, '12-53 phosphor bronze' => Material::PhosphorBronze] as $typed => $material) {
            [$make, $rest] = TypedMake::aside($typed);
            self::assertSame('12-53', $rest);
            $wound = StringType::of(Construction::RoundWound, Material::NickelPlatedSteel, Length::thousandths(32));
            self::assertSame($material, $make?->of([new StringSpec($wound)], true)[0]->type->material, $typed);
        }
    }

    /** @param  'thou'|'mm'  $in */
    #[DataProvider('gauges')]
    public function test_a_gauge(string $typed, string $in, int|float|null $thousandths, ?string $made): void
    {
        if ($thousandths === null) {
            $this->assertUnreadable(static fn () => Quantity::gauge($typed, $in));

            return;
        }
        $read = Quantity::gauge($typed, $in);

        self::assertEqualsWithDelta($thousandths, $read->gauge->inThousandths(), 1e-9);
        self::assertSame($made, $read->made);
    }

    /** @return iterable<string, list<mixed>> */
    public static function gauges(): iterable
    {
        return self::rows('gauges');
    }

    /** @param  'mm'|'in'  $in */
    #[DataProvider('lengths')]
    public function test_a_length(string $typed, string $in, int|float|null $mm): void
    {
        if ($mm === null) {
            $this->assertUnreadable(static fn () => Quantity::length($typed, $in));

            return;
        }
        self::assertEqualsWithDelta($mm, Quantity::length($typed, $in)->inMillimetres(), 1e-9);
    }

    /** @return iterable<string, list<mixed>> */
    public static function lengths(): iterable
    {
        return self::rows('lengths');
    }

    /** @param  'N'|'lbf'|'kgf'  $in */
    #[DataProvider('tensions')]
    public function test_a_tension(string $typed, string $in, int|float|null $newtons): void
    {
        if ($newtons === null) {
            $this->assertUnreadable(static fn () => Quantity::tensionN($typed, $in));

            return;
        }
        self::assertEqualsWithDelta($newtons, Quantity::tensionN($typed, $in), 1e-9);
    }

    /** @return iterable<string, list<mixed>> */
    public static function tensions(): iterable
    {
        return self::rows('tensions');
    }

    /**
     * @param  'mm'|'in'  $in
     * @param  ?list<int|float>  $mm
     */
    #[DataProvider('scales')]
    public function test_a_scale(string $typed, string $kind, string $in, ?array $mm): void
    {
        if ($mm === null) {
            $this->assertUnreadable(static fn () => TypedScale::read($typed, Kind::from($kind), $in));

            return;
        }
        $read = array_map(static fn (float $metres): float => $metres * 1000, TypedScale::read($typed, Kind::from($kind), $in)->metres);

        self::assertEqualsWithDelta($mm, $read, 1e-9);
    }

    /** @return iterable<string, list<mixed>> */
    public static function scales(): iterable
    {
        return self::rows('scales');
    }

    #[DataProvider('sets')]
    public function test_a_set(string $typed, string $kind, int $strings, ?string $gauges): void
    {
        $reader = SetReaders::for(Kind::from($kind), $strings);
        if ($gauges === null) {
            $this->assertUnreadable(static fn () => $reader->read($typed));

            return;
        }
        self::assertSame($gauges, implode(' ', array_map(
            static fn (StringSpec $spec): string => round($spec->type->gauge->inThousandths(), 3).($spec->type->construction->isWound() ? 'w' : ''),
            $reader->read($typed),
        )));
    }

    /** @return iterable<string, list<mixed>> */
    public static function sets(): iterable
    {
        return self::rows('sets');
    }

    #[DataProvider('tunings')]
    public function test_a_tuning(string $typed, string $kind, string $present, ?string $name, ?string $pitches): void
    {
        $words = new TuningWords(Kind::from($kind), self::pitches($present));
        if ($pitches === null) {
            $this->assertUnreadable(static fn () => $words->one($typed));

            return;
        }
        $tuning = $words->one($typed);

        self::assertSame($pitches, self::names($tuning));
        self::assertSame($name, $tuning->name);
        self::assertSame($pitches, self::names($words->found($typed)[0]), 'it is not the first of what is found');
    }

    /** @return iterable<string, list<mixed>> */
    public static function tunings(): iterable
    {
        return self::rows('tunings');
    }

    #[DataProvider('nearest')]
    public function test_what_is_not_understood_is_said_with_the_nearest_that_is(string $what, string $typed, string $nearest): void
    {
        $electric = Kind::ElectricGuitar;
        $read = match ($what) {
            'gauge' => static fn () => Quantity::gauge($typed),
            'length' => static fn () => Quantity::length($typed),
            'tension' => static fn () => Quantity::tensionN($typed),
            'scale' => static fn () => TypedScale::read($typed, $electric),
            'set' => static fn () => SetReaders::for($electric, 6)->read($typed),
            default => static fn () => (new TuningWords($electric, self::pitches('E4 B3 G3 D3 A2 E2')))->one($typed),
        };
        try {
            $read();
            self::fail("“{$typed}” was read");
        } catch (Unreadable $unreadable) {
            self::assertSame($nearest, $unreadable->nearest);
            self::assertStringEndsWith("Did you mean “{$nearest}”?", $unreadable->getMessage());
        }
    }

    /** @return iterable<string, list<mixed>> */
    public static function nearest(): iterable
    {
        return self::rows('nearest');
    }

    public function test_a_tuning_named_by_its_owner_comes_before_all_others(): void
    {
        $own = new LibraryTuning('Tide', 'Your own', [], self::pitches('D4 A3 F3 C3 G2 D2'));
        $words = new TuningWords(Kind::ElectricGuitar, self::pitches('E4 B3 G3 D3 A2 E2'), [$own]);

        self::assertSame('Tide', $words->one('tide')->name);
        self::assertSame('Tide', $words->one('D G C F A D')->name);
        self::assertSame('Tide', $words->found('')[0]->name);
        // Its name counts where it is typed; D standard is still D standard.
        self::assertSame('D standard', $words->one('D standard')->name);
    }

    public function test_letters_within_a_name_do_not_find_it(): void
    {
        $words = new TuningWords(Kind::ElectricGuitar, self::pitches('E4 B3 G3 D3 A2 E2'));

        self::assertSame([], $words->found('st n r'));
        self::assertSame('D standard', $words->found('D stand')[0]->name);
        self::assertSame(['Double drop D'], array_map(static fn (LibraryTuning $tuning): string => $tuning->name, $words->found('double')));
    }

    /** @param  \Closure(): mixed  $read */
    private function assertUnreadable(\Closure $read): void
    {
        try {
            $read();
        } catch (InvalidInput $refused) {
            self::assertNotSame('', $refused->getMessage());

            return;
        }
        self::fail('It was read.');
    }

    /** @return non-empty-list<Pitch> */
    private static function pitches(string $names): array
    {
        return array_map(Pitch::named(...), explode(' ', $names));
    }

    private static function names(LibraryTuning $tuning): string
    {
        return implode(' ', array_map(static fn (Pitch $pitch): string => $pitch->name(), $tuning->pitches));
    }
}
