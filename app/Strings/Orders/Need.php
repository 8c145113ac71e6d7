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

    /** @param  array<int, array{type: StringType, count: int, name: string}>  $wanted  single strings, each with what it is for */
    public static function ofTypes(array $wanted): self
    {
        [$counts, $strings, $names] = [[], [], []];
        foreach ($wanted as ['type' => $type, 'count' => $count, 'name' => $name]) {
            $counts[$type->key()] = ($counts[$type->key()] ?? 0) + $count;
            $strings[$type->key()] = $type;
            $names[] = $name;
        }

        return new self($counts, $strings, array_values(array_unique(array_filter($names, static fn (string $name): bool => $name !== ''))));
    }

    public function and(self $other): self
    {
        $counts = $this->counts;
        foreach ($other->counts as $key => $count) {
            $counts[$key] = ($counts[$key] ?? 0) + $count;
        }

        return new self($counts, $this->strings + $other->strings, [...$this->names, ...$other->names]);
    }
}
