<?php

declare(strict_types=1);

namespace App\Http\Pages\Jobs;

use App\Http\Pages\Page;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** A packet whose label was read. */
final readonly class PacketPage extends Page
{
    /**
     * @param  array{id: int, name: string}  $set
     * @param  array{id: int, name: string}  $instrument
     * @param  array{position: int, pitch: string, construction: Construction, material: Material, gauge_nm: int}  $string
     * @param  int  $of  so many strings the set has
     * @param  list<array{name: string, quantity: int, note: string}>  $lots  where more of it lie
     * @param  array{id: int, do: string}|null  $job  what goes on with it; null where none is open
     */
    public function __construct(
        public string $code,
        public array $set,
        public array $instrument,
        public array $string,
        public int $of,
        public array $lots,
        public ?array $job,
    ) {}
}
