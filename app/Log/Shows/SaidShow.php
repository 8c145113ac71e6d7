<?php

declare(strict_types=1);

namespace App\Log\Shows;

use Illuminate\Support\Carbon;

/** A show as somebody typed it, or a list or a calendar has it. */
final readonly class SaidShow
{
    /**
     * @param  Carbon  $startsAt  UTC
     * @param  float  $hours  above 0
     * @param  ?string  $uid  by which its calendar knows it; null where it is of none
     * @param  list<string>  $instruments  by name; empty where it does not say
     * @param  bool  $isOff  whether it was called off
     */
    public function __construct(
        public string $name,
        public string $place,
        public Carbon $startsAt,
        public float $hours,
        public bool $heat = false,
        public bool $salt = false,
        public bool $sweat = false,
        public ?string $uid = null,
        public array $instruments = [],
        public bool $isOff = false,
    ) {}

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'name' => $this->name, 'place' => $this->place, 'starts_at' => $this->startsAt, 'hours' => $this->hours,
            'heat' => $this->heat, 'salt' => $this->salt, 'sweat' => $this->sweat,
        ];
    }
}
