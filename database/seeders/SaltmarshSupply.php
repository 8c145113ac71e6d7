<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\ListString;
use App\Models\Lot;
use App\Models\Pool;
use App\Models\Supplier;
use App\Models\TypeColumns;
use App\Strings\Drawer\Drawer;
use Illuminate\Support\Facades\DB;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Three made-up makers and what they list. Every linear density is the model's, off by a little for each family and by less
 * for each string, as real ones are; prices rise with the metal in a string. Seeded, so that it comes out the same each time.
 */
final class SaltmarshSupply
{
    private const SEED = 20260214;

    /** How far families are off the model, and strings within one, relative, as standard deviations. */
    private const FAMILY = 0.012;

    private const WITHIN = 0.005;

    private const PLAIN = [[7, 13, 0.5], [14, 24, 1], [26, 26, 1]];

    private const WOUND = [[17, 22, 1], [24, 76, 2], [80, 80, 1]];

    private const BASS = [[30, 145, 5]];

    private const NYLON = [[18, 46, 1]];

    private const NYLON_WOUND = [[22, 36, 1], [38, 56, 2]];

    private Randomizer $random;

    private function __construct()
    {
        $this->random = new Randomizer(new Mt19937(self::SEED));
    }

    public static function seed(): void
    {
        $self = new self;
        $self->maker('Gullwing Wire', 490, 6000, 2, 'GW', [
            ['Bright plain', Kind::ElectricGuitar, Construction::Plain, Material::MusicWire, self::PLAIN, 'ball', 1016],
            ['Bright wound', Kind::ElectricGuitar, Construction::RoundWound, Material::NickelPlatedSteel, self::WOUND, 'ball', 1016],
            ['Old wound', Kind::ElectricGuitar, Construction::RoundWound, Material::PureNickel, self::WOUND, 'ball', 1016],
            ['Keen wound', Kind::ElectricGuitar, Construction::RoundWound, Material::StainlessSteel, self::WOUND, 'ball', 1016],
            ['Still flats', Kind::ElectricGuitar, Construction::Flatwound, Material::StainlessSteel, [[20, 60, 2]], 'ball', 1016],
            ['Loop plain', Kind::Banjo, Construction::Plain, Material::MusicWire, [[8, 13, 0.5], [14, 18, 1]], 'loop', 965],
            ['Loop wound', Kind::Banjo, Construction::RoundWound, Material::NickelPlatedSteel, [[18, 44, 2]], 'loop', 965],
        ]);
        $self->maker('Marram String Works', 550, 5000, 3, 'MS', [
            ['Plain', Kind::AcousticGuitar, Construction::Plain, Material::MusicWire, self::PLAIN, 'ball', 1016],
            ['Dune phosphor', Kind::AcousticGuitar, Construction::RoundWound, Material::PhosphorBronze, self::WOUND, 'ball', 1016],
            ['Dune bright', Kind::AcousticGuitar, Construction::RoundWound, Material::Bronze8020, self::WOUND, 'ball', 1016],
            ['Clear nylon', Kind::ClassicalGuitar, Construction::Plain, Material::Nylon, self::NYLON, 'bare', 1000],
            ['Reed carbon', Kind::ClassicalGuitar, Construction::Plain, Material::Fluorocarbon, self::NYLON, 'bare', 1000],
            [
                'Silvered bass',
                Kind::ClassicalGuitar,
                Construction::RoundWound,
                Material::SilverPlatedCopper,
                self::NYLON_WOUND,
                'bare',
                1000,
            ],
        ]);
        $self->maker('Fathom Bass Strings', 690, 8000, 5, 'FB', [
            ['Sounding', Kind::Bass, Construction::RoundWound, Material::NickelPlatedSteel, self::BASS, 'ball', 1170],
            ['Sounding steel', Kind::Bass, Construction::RoundWound, Material::StainlessSteel, self::BASS, 'ball', 1170],
            ['Calm flats', Kind::Bass, Construction::Flatwound, Material::StainlessSteel, [[35, 130, 5]], 'ball', 1170],
            ['Octave plain', Kind::ElectricGuitar, Construction::Plain, Material::MusicWire, [[8, 13, 0.5], [14, 20, 1]], 'ball', 1016],
        ]);
        self::sets();
        self::drawer();
    }

    /** Packaged sets, a fifth cheaper than their strings one by one. */
    private static function sets(): void
    {
        foreach ([
            [
                'Gullwing Wire',
                'GW-L',
                'Bright light',
                ['Bright plain 9', 'Bright plain 11', 'Bright plain 16', 'Bright wound 24', 'Bright wound 32', 'Bright wound 42'],
            ],
            [
                'Gullwing Wire',
                'GW-M',
                'Bright medium',
                ['Bright plain 10', 'Bright plain 13', 'Bright plain 17', 'Bright wound 26', 'Bright wound 36', 'Bright wound 46'],
            ],
            [
                'Gullwing Wire',
                'GW-D',
                'Bright, for a tone down',
                ['Bright plain 11', 'Bright plain 14', 'Bright plain 18', 'Bright wound 28', 'Bright wound 38', 'Bright wound 50'],
            ],
            [
                'Gullwing Wire',
                'GW-7',
                'Bright seven',
                [
                    'Bright plain 10',
                    'Bright plain 13',
                    'Bright plain 17',
                    'Bright wound 26',
                    'Bright wound 36',
                    'Bright wound 46',
                    'Bright wound 62',
                ],
            ],
            ['Gullwing Wire', 'GW-B', 'Loop five', ['Loop plain 10', 'Loop plain 11', 'Loop plain 13', 'Loop wound 20', 'Loop plain 9.5']],
            [
                'Marram String Works',
                'MS-L',
                'Dune light',
                ['Plain 12', 'Plain 16', 'Dune phosphor 24', 'Dune phosphor 32', 'Dune phosphor 42', 'Dune phosphor 54'],
            ],
            [
                'Marram String Works',
                'MS-M',
                'Dune medium',
                ['Plain 13', 'Plain 17', 'Dune phosphor 26', 'Dune phosphor 36', 'Dune phosphor 46', 'Dune phosphor 56'],
            ],
            [
                'Marram String Works',
                'MS-N',
                'Silvered classical',
                ['Clear nylon 28', 'Clear nylon 32', 'Clear nylon 40', 'Silvered bass 29', 'Silvered bass 35', 'Silvered bass 44'],
            ],
            ['Fathom Bass Strings', 'FB-4', 'Sounding four', ['Sounding 45', 'Sounding 65', 'Sounding 85', 'Sounding 105']],
            ['Fathom Bass Strings', 'FB-L', 'Sounding low four', ['Sounding 65', 'Sounding 85', 'Sounding 105', 'Sounding 135']],
            ['Fathom Bass Strings', 'FB-O', 'Octave four', ['Octave plain 9.5', 'Octave plain 12.5', 'Octave plain 18', 'Octave plain 20']],
        ] as [$maker, $code, $name, $strings]) {
            $supplier = Supplier::query()->where('name', $maker)->firstOrFail();
            $listed = array_map(
                static fn (string $string): ListString => ListString::query()->where('supplier_id', $supplier->id)->where('name', $string)
                    ->firstOrFail(),
                $strings,
            );
            $sum = array_sum(array_map(static fn (ListString $string): int => (int) $string->cents, $listed));
            $id = DB::table('list_sets')->insertGetId([
                'supplier_id' => $supplier->id,
                'code' => $code,
                'name' => $name,
                'cents' => (int) (10 * round($sum * 0.08)),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
            foreach ($listed as $index => $string) {
                DB::table('list_set_strings')->insert(['list_set_id' => $id, 'list_string_id' => $string->id, 'position' => $index + 1]);
            }
        }
    }

    private static function drawer(): void
    {
        $pick = static fn (string $name): ListString => ListString::query()->where('name', $name)->firstOrFail();
        foreach ([
            ['Bright plain 10', 10, 'a box for walk-ins'],
            ['Bright plain 11', 6, ''],
            ['Bright plain 13', 8, ''],
            ['Bright plain 17', 4, ''],
            ['Bright wound 26', 3, ''],
            ['Bright wound 36', 5, ''],
            ['Bright wound 46', 2, 'left from the tour'],
            ['Dune phosphor 32', 4, ''],
            ['Sounding 105', 1, ''],
            ['Clear nylon 28', 3, ''],
        ] as [$name, $quantity, $note]) {
            $string = $pick($name);
            app(Drawer::class)->add($string, $quantity, $string->cents, $note);
        }
        app(Drawer::class)->take(Lot::query()->where('name', 'Bright plain 10')->firstOrFail(), 2, 'Curlew, broke on stage');
        DB::table('stock_levels')->upsert([
            TypeColumns::of($pick('Bright plain 10')->type()) + ['least' => 6],
            TypeColumns::of($pick('Bright wound 46')->type()) + ['least' => 4],
        ], TypeColumns::NAMES, ['least']);
        Pool::query()->create([
            'name' => 'Gullwing, plain and nickel',
            'rule' => [
                'suppliers' => [$pick('Bright plain 10')->supplier_id],
                'families' => ['plain music-wire', 'round-wound nickel-plated-steel'],
                'half_gauges' => true,
                'drawer' => false,
            ],
        ]);
        Pool::query()->create(
            ['name' => 'What lies in the drawer', 'rule' => ['suppliers' => [], 'families' => [], 'half_gauges' => true, 'drawer' => true]],
        );
    }

    /** @param  list<array{string, Kind, Construction, Material, list<array{int, int, int|float}>, string, int}>  $families */
    private function maker(string $name, int $shippingCents, int $freeFromCents, int $days, string $prefix, array $families): void
    {
        $supplier = Supplier::query()->create([
            'name' => $name,
            'currency' => 'EUR',
            'shipping_cents' => $shippingCents,
            'free_from_cents' => $freeFromCents,
            'lead_days' => $days,
        ]);
        $rows = [];
        foreach ($families as $index => [$family, $kind, $construction, $material, $runs, $end, $lengthMm]) {
            $familyFactor = 1 + self::FAMILY * $this->normal();
            foreach ($runs as [$from, $to, $step]) {
                for ($gauge = $from; $gauge <= $to + 1e-9; $gauge += $step) {
                    $rows[] = $this->row(
                        $supplier,
                        $family,
                        sprintf('%s%d-%03d', $prefix, $index + 1, (int) round($gauge * 10)),
                        $kind,
                        new StringSpec(StringType::of($construction, $material, Length::thousandths($gauge))),
                        $familyFactor,
                        $end,
                        $lengthMm,
                    );
                }
            }
        }
        DB::table('list_strings')->insert($rows);
    }

    /** @return array<string, \DateTimeInterface|int|float|string|null> */
    private function row(
        Supplier $supplier,
        string $family,
        string $code,
        Kind $kind,
        StringSpec $spec,
        float $familyFactor,
        string $end,
        int $lengthMm,
    ): array {
        $kgPerM = BuiltString::of($spec, $kind)->density->kgPerM * $familyFactor * (1 + self::WITHIN * $this->normal());
        $cents = (int) (5 * round((80 + ($spec->type->construction->isWound() ? 90 : 0) + ($spec->type->construction === Construction::Flatwound ? 220 : 0) + 28_000 * $kgPerM) / 5));
        $thou = rtrim(rtrim(number_format($spec->type->gauge->inThousandths(), 1), '0'), '.');

        return [
            'supplier_id' => $supplier->id,
            'code' => $code,
            'name' => "{$family} {$thou}",
            ...TypeColumns::of($spec->type),
            'kg_per_m' => (float) sprintf('%.5g', $kgPerM),
            'length_mm' => $lengthMm,
            'end' => $end,
            'cents' => $cents,
            'box_of' => $spec->type->construction->isWound() ? null : 10,
            'box_cents' => $spec->type->construction->isWound() ? null : (int) (10 * round($cents * 8.2 / 10)),
            'words' => mb_strtolower("{$code} {$family} {$thou} {$spec->type->construction->value} {$spec->type->construction->label()} {$spec->type->material->label()} {$supplier->name}"),
            'created_at' => now(),
            'updated_at' => now(),
        ];
    }

    /** Normal, by Box and Muller. */
    private function normal(): float
    {
        $even = fn (): float => $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;

        return sqrt(-2 * log(1 - $even())) * cos(2 * M_PI * $even());
    }
}
