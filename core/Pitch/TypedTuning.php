<?php

declare(strict_types=1);

namespace Lira\Pitch;

/**
 * Reads a tuning typed as its notes, the way people write it: from the last string to the first, with or without
 * octaves, with or without spaces — DADGAD, "E A D G B E", "C2 G2 C3 G3 C4 E4".
 *
 * A note without an octave takes the one that lies nearest to what its string is tuned to now (the lower if two are
 * equally near). Notes with octaves may also be written from string 1: the reading nearer to the present tuning counts.
 * A small b after a letter is a flat, unless only reading it as the note B gives one note for each string.
 */
final class TypedTuning
{
    private const NOTE = '[A-Ga-g](?:#{1,2}|b{1,2})?(?:-?\d)?';

    /** For "dadgbe", where the small b is a B string and not a flat. */
    private const NOTE_WITHOUT_FLATS = '[A-Ga-g]#{0,2}(?:-?\d)?';

    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @return non-empty-list<Pitch> string 1 first
     *
     * @throws InvalidPitch if something is no note, or there is not one for each string
     */
    public static function read(string $typed, array $present): array
    {
        $notes = self::notes($typed, self::NOTE);
        if (count($notes) !== count($present)) {
            $notes = self::notes($typed, self::NOTE_WITHOUT_FLATS);
        }
        if (count($notes) !== count($present)) {
            throw InvalidPitch::wrongCount(count(self::notes($typed, self::NOTE)), count($present));
        }
        $spoken = self::pitches(array_reverse($notes), $present);
        if (preg_match('/\d/', $typed) !== 1) {
            return $spoken;
        }
        $fromFirst = self::pitches($notes, $present);

        return self::distance($fromFirst, $present) < self::distance($spoken, $present) ? $fromFirst : $spoken;
    }

    /**
     * @param  non-empty-string  $note  the pattern of one note
     * @return list<string>
     */
    private static function notes(string $typed, string $note): array
    {
        $plain = strtr($typed, ['♯' => '#', '♭' => 'b']);
        $rest = trim((string) preg_replace("/{$note}|[\\s,;–—]+/u", ' ', $plain));
        if ($rest !== '') {
            throw InvalidPitch::unreadable($rest);
        }
        preg_match_all("/{$note}/", $plain, $found);

        return $found[0];
    }

    /**
     * @param  list<string>  $notes  as many as pitches
     * @param  non-empty-list<Pitch>  $present
     * @return non-empty-list<Pitch>
     */
    private static function pitches(array $notes, array $present): array
    {
        $pitches = $present;
        foreach ($notes as $index => $note) {
            $pitches[$index] = preg_match('/\d$/', $note) === 1 ? Pitch::named($note) : self::nearest($note, $present[$index]);
        }

        return array_values($pitches);
    }

    private static function nearest(string $note, Pitch $now): Pitch
    {
        $best = null;
        foreach (range(0, 8) as $octave) {
            $pitch = Pitch::named($note.$octave);
            if ($best === null || abs($pitch->noteNumber() - $now->noteNumber()) < abs($best->noteNumber() - $now->noteNumber())) {
                $best = $pitch;
            }
        }

        return $best;
    }

    /**
     * @param  list<Pitch>  $pitches
     * @param  list<Pitch>  $present
     */
    private static function distance(array $pitches, array $present): int
    {
        return array_sum(array_map(static fn (Pitch $a, Pitch $b): int => abs($a->noteNumber() - $b->noteNumber()), $pitches, $present));
    }
}
