<?php

declare(strict_types=1);

namespace App\Support\Supply;

use App\Models\StringSet;
use App\Support\StoredSets;
use Lira\Density\BuiltString;

/** How many of each string some designs need, spares included. Strings are alike by their make and gauge. */
final readonly class Need
{
    /**
     * @param  array<string, int>  $counts  by key
     * @param  array<string, array{construction: string, material: string, gauge_in: float}>  $strings  by key
     * @param  list<string>  $names  of the designs
     */
    private function __construct(public array $counts, public array $strings, public array $names) {}

    /** @param  list<array{set: StringSet, times: int, spares: int}>  $wanted */
    public static function of(array $wanted): self
    {
        [$counts, $strings, $names] = [[], [], []];
        foreach ($wanted as ['set' => $set, 'times' => $times, 'spares' => $spares]) {
            $names[] = $set->name;
            foreach (StoredSets::document($set)->design->strings as $string) {
                $of = self::describe($string);
                $key = self::key($of['construction'], $of['material'], $of['gauge_in']);
                $counts[$key] = ($counts[$key] ?? 0) + $times + $spares;
                $strings[$key] = $of;
            }
        }

        return new self(array_filter($counts, static fn (int $count): bool => $count > 0), $strings, $names);
    }

    public static function key(string $construction, string $material, float $gaugeIn): string
    {
        return $construction.' '.$material.' '.round($gaugeIn * 1e6);
    }

    /** @return array{construction: string, material: string, gauge_in: float} */
    private static function describe(BuiltString $string): array
    {
        return ['construction' => $string->spec->construction->value, 'material' => $string->spec->material->value, 'gauge_in' => round($string->spec->gauge->inInches(), 7)];
    }
}
