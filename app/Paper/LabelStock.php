<?php

declare(strict_types=1);

namespace App\Paper;

/** Common sheets of labels, in millimetres. */
enum LabelStock: string
{
    case A4Of24 = 'a4-24';
    case A4Of65 = 'a4-65';
    case LetterOf30 = 'letter-30';

    /** The one that is called so; the commonest where none is. */
    public static function asked(string $name): self
    {
        return self::tryFrom($name) ?? self::A4Of24;
    }

    /** How many of a sheet's labels are used already, where so many are said to be. */
    public function used(int $said): int
    {
        return min(max(0, $said), $this->perSheet() - 1);
    }

    /** @return 'a4'|'letter' */
    public function paper(): string
    {
        return $this === self::LetterOf30 ? 'letter' : 'a4';
    }

    public function columns(): int
    {
        return $this === self::A4Of65 ? 5 : 3;
    }

    public function perSheet(): int
    {
        return match ($this) {
            self::A4Of24 => 24,
            self::A4Of65 => 65,
            self::LetterOf30 => 30,
        };
    }

    /**
     * Where a label lies.
     *
     * @param  int  $at  which one, from 0; on the first sheet where it is below `perSheet`
     * @return array{left: float, top: float, width: float, height: float, square_mm: float} with the side of the square that it has room for
     */
    public function place(int $at): array
    {
        $place = $this->geometry();
        $on = $at % $this->perSheet();

        return [
            'left' => $place['left'] + ($on % $this->columns()) * $place['across'],
            'top' => $place['top'] + intdiv($on, $this->columns()) * $place['down'],
            'width' => $place['width'], 'height' => $place['height'], 'square_mm' => min($place['height'] - 5.0, 22.0),
        ];
    }

    /**
     * @return array{width: float, height: float, left: float, top: float, across: float, down: float} one label, the first one's place, and
     *     from one to the next
     */
    private function geometry(): array
    {
        return match ($this) {
            self::A4Of24 => ['width' => 70.0, 'height' => 37.0, 'left' => 0.0, 'top' => 0.5, 'across' => 70.0, 'down' => 37.0],
            self::A4Of65 => ['width' => 38.1, 'height' => 21.2, 'left' => 4.65, 'top' => 10.7, 'across' => 40.65, 'down' => 21.2],
            self::LetterOf30 => ['width' => 66.7, 'height' => 25.4, 'left' => 4.8, 'top' => 12.7, 'across' => 69.85, 'down' => 25.4],
        };
    }
}
