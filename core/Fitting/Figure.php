<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Wording\Quarters;
use Lira\Wording\Units;

/** A figure of a step, as it is kept and as it is said. */
final readonly class Figure
{
    /**
     * @param  FittingFigureJson['name']  $name  with its unit
     * @param  ?string  $words  in the words of a school; null where it is said as it is
     */
    public function __construct(public string $name, public float $value, public ?string $words = null) {}

    public static function turns(float $turns): self
    {
        return new self('turns', $turns, Quarters::of($turns, 'turn'));
    }

    /**
     * @param  FittingFigureJson['name']  $name
     * @param  float  $metres  to be said in whole millimetres
     */
    public static function length(string $name, float $metres, ?string $words = null): self
    {
        return new self($name, round(1000 * $metres), $words);
    }

    /** In the words of its school, else as a length in somebody's units. */
    public function said(Units $units): string
    {
        return $this->words ?? $this->plain($units);
    }

    /** As it is, whatever the school. */
    public function plain(Units $units): string
    {
        return str_ends_with($this->name, '_mm') ? $units->fine($this->value / 1000, 0) : (string) $this->words;
    }
}
