<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Pitch\Pitch;

/**
 * What lies under the hand at the nut, whatever the tuning: the chords on the first, fourth and fifth step of its lowest note, each string
 * stopped at the lowest fret that belongs to them, and a scale of one octave.
 */
final class FirstPosition
{
    /** The highest fret that a hand at the nut reaches. */
    private const REACH = 4;

    /** Root, major third and fifth, in semitones. */
    private const TRIAD = [0, 4, 7];

    /** The first, fourth and fifth step. */
    private const STEPS = [0, 5, 7];

    private const MAJOR = [0, 2, 4, 5, 7, 9, 11, 12];

    /**
     * @param  array<int, int>  $open  note number of each string as it sounds open, by position
     * @return list<array{name: string, stops: list<array{position: int, fret: int}>}> lowest string first; frets counted from where the string begins
     */
    public static function chords(array $open): array
    {
        $root = $open === [] ? 0 : min($open);
        $byPitch = self::fromTheLowest($open);
        $chords = [];
        foreach ($open === [] ? [] : self::STEPS as $step) {
            $stops = [];
            foreach ($byPitch as $position => $note) {
                for ($fret = 0; $fret <= self::REACH; $fret++) {
                    if (in_array(($note + $fret - $root - $step + 120) % 12, self::TRIAD, true)) {
                        $stops[] = ['position' => $position, 'fret' => $fret];
                        break;
                    }
                }
            }
            $chords[] = ['name' => rtrim(Pitch::numbered($root + $step, flats: in_array(($root + $step) % 12, [1, 3, 8, 10], true))->label(), '0123456789'), 'stops' => $stops];
        }

        return $chords;
    }

    /**
     * @param  array<int, int>  $open  note number of each string as it sounds open, by position
     * @return list<array{position: int, fret: int}> each note on the highest string that has it
     */
    public static function scale(array $open): array
    {
        $notes = [];
        $root = $open === [] ? 0 : min($open);
        foreach ($open === [] ? [] : self::MAJOR as $step) {
            $wanted = $root + $step;
            $on = null;
            foreach ($open as $position => $note) {
                if ($note <= $wanted && ($on === null || $note > $open[$on])) {
                    $on = $position;
                }
            }
            if ($on !== null) {
                $notes[] = ['position' => $on, 'fret' => $wanted - $open[$on]];
            }
        }

        return $notes;
    }

    /**
     * @param  array<int, int>  $open
     * @return array<int, int>
     */
    private static function fromTheLowest(array $open): array
    {
        asort($open);

        return $open;
    }
}
