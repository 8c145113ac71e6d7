<?php

declare(strict_types=1);

namespace App\Strings\Orders;

use App\Models\StringSet;
use Lira\Strings\StringType;

/** How many of each string some designs need, spares included. Each by its type. */
final readonly class Need
{
    /**
     * @param  array<string, int>  $counts  by key
     * @param  array<string, StringType>  $strings  by key
     * @param  list<string>  $names  of the designs
     */
    private function __construct(public array $counts, public array $strings, public array $names) {}

    /** @param  list<array{set: StringSet, times: int, spares: int}>  $wanted */
    public static function of(array $wanted): self
    {
        [$counts, $strings, $names] = [[], [], []];
        foreach ($wanted as ['set' => $set, 'times' => $times, 'spares' => $spares]) {
            $names[] = $set->name;
            foreach ($set->strings as $string) {
                $type = $string->type();
                $key = $type->key();
                $counts[$key] = ($counts[$key] ?? 0) + $times + $spares;
                $strings[$key] = $type;
            }
        }

        return new self(array_filter($counts, static fn (int $count): bool => $count > 0), $strings, $names);
    }
}
