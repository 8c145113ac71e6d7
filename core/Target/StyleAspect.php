<?php

declare(strict_types=1);

namespace Lira\Target;

/** What a player says of their playing, with the answers there are. The first one changes nothing. */
enum StyleAspect: string
{
    case Attack = 'attack';
    case Pick = 'pick';
    case Angle = 'angle';
    case Place = 'place';
    case Bending = 'bending';

    /**
     * The documented rule: for each answer by how much it raises the target on the bass side and on the treble side, as a
     * share of the tension. Hard picking drives slack low strings sharp before they settle, so it wants more on the low
     * side; bending wants less on the high side. In between, the share goes evenly from one side to the other.
     *
     * @return array<string, array{float, float}> bass side and treble side, by answer
     */
    public function answers(): array
    {
        return match ($this) {
            self::Attack => ['medium' => [0.0, 0.0], 'soft' => [-0.04, -0.03], 'hard' => [0.10, 0.02]],
            self::Pick => ['medium' => [0.0, 0.0], 'fingers' => [-0.02, -0.02], 'thin' => [-0.01, 0.0], 'stiff' => [0.03, 0.01]],
            self::Angle => ['flat' => [0.0, 0.0], 'angled' => [0.01, 0.0]],
            self::Place => ['studio' => [0.0, 0.0], 'stage' => [0.03, 0.02]],
            self::Bending => ['none' => [0.0, 0.0], 'some' => [0.0, -0.04], 'much' => [0.0, -0.09]],
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Attack => 'Hard picking starts slack low strings sharp; a soft hand needs less.',
            self::Pick => 'A stiff pick gives nothing, so the string must hold; fingers and thin picks give.',
            self::Angle => 'A pick held at an angle digs into the wound strings.',
            self::Place => 'On stage one plays harder than one thinks, and tuning must last a set.',
            self::Bending => 'Bends ask for easy high strings.',
        };
    }
}
