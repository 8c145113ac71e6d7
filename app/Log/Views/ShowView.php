<?php

declare(strict_types=1);

namespace App\Log\Views;

use App\Models\Show;

/** A time at which somebody plays, as it is said there. */
final readonly class ShowView
{
    /**
     * @param  string  $on  a date, ISO 8601
     * @param  string  $at  such as 20:30
     * @param  list<int>  $instruments  ids
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $place,
        public string $on,
        public string $at,
        public float $hours,
        public bool $heat,
        public bool $salt,
        public bool $sweat,
        public array $instruments,
    ) {}

    public static function of(Show $show, \DateTimeZone $zone): self
    {
        $start = $show->starts_at->copy()->setTimezone($zone);

        return new self(
            $show->id, $show->name, $show->place, $start->toDateString(), $start->format('H:i'), $show->hours, $show->heat, $show->salt, $show->sweat,
            $show->instruments(),
        );
    }
}
