<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

/** In which order strings are taken off and put on. */
enum Order: string implements School
{
    case OutsideIn = 'outside-in';
    case BassFirst = 'bass-first';
    case TrebleFirst = 'treble-first';
    case TieBlock = 'tie-block';
    case MiddleFirst = 'middle-first';

    public static function aspect(): string
    {
        return 'order';
    }

    public function label(): string
    {
        return match ($this) {
            self::OutsideIn => 'outside in',
            self::BassFirst => 'from the lowest',
            self::TrebleFirst => 'from the highest',
            self::TieBlock => '1, 2, then from the bass, each end under the next',
            self::MiddleFirst => 'the middle first, then outwards',
        };
    }

    /**
     * @param  int  $strings  at least 1
     * @return non-empty-list<int> every position once
     */
    public function positions(int $strings): array
    {
        $middle = intdiv($strings + 1, 2);
        $positions = range(1, $strings);
        $keys = array_map(fn (int $position): int => match ($this) {
            self::OutsideIn => min($position - 1, $strings - $position) * 2 + ($position > $strings - $position ? 0 : 1),
            self::BassFirst => -$position,
            self::TrebleFirst => $position,
            // The third comes last, its neighbours' ends already lie under it.
            self::TieBlock => match (true) {
                $position <= 2 => $position,
                $position === 3 => 2 * $strings,
                default => 2 + $strings - $position + 1,
            },
            self::MiddleFirst => abs($position - $middle) * 2 + ($position < $middle ? 1 : 0),
        }, $positions);
        array_multisort($keys, $positions);

        return $positions;
    }
}
