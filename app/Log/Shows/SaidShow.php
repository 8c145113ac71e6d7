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

    /** @return array{name: string, place: string, starts_at: string, hours: float, uid: ?string, is_off: bool} what a calendar says of it, to be handed on as JSON */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'place' => $this->place, 'starts_at' => $this->startsAt->toIso8601String(), 'hours' => $this->hours,
            'uid' => $this->uid, 'is_off' => $this->isOff,
        ];
    }

    /** What {@see toArray} has handed on. */
    public static function ofArray(\stdClass $show): self
    {
        $word = static fn (string $key): string => is_string($show->{$key} ?? null) ? $show->{$key} : '';

        return new self(
            $word('name'), $word('place'), Carbon::parse($word('starts_at'))->utc(), is_numeric($show->hours ?? null) ? (float) $show->hours : 0.0,
            uid: $word('uid') === '' ? null : $word('uid'), isOff: ($show->is_off ?? false) === true,
        );
    }

    /** @return array{name: string, place: string, starts_at: Carbon, hours: float, heat: bool, salt: bool, sweat: bool} */
    public function columns(): array
    {
        return [
            'name' => $this->name, 'place' => $this->place, 'starts_at' => $this->startsAt, 'hours' => $this->hours,
            'heat' => $this->heat, 'salt' => $this->salt, 'sweat' => $this->sweat,
        ];
    }
}
