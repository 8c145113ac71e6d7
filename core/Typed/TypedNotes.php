<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Pitch\InvalidPitch;
use Lira\Pitch\Pairs;
use Lira\Pitch\Pitch;

/**
 * Reads a tuning typed as its notes, the way people write it: from the last string to the first, with or without
 * octaves, with or without spaces — DADGAD, "E A D G B E", "C2-G2-C3-G3-C4-E4", "Es As Des", "C sharp". Six notes do for the
 * courses of a twelve-string.
 *
 * Notes without an octave rise from string to string as the present ones do, in small steps, and stay near to what the strings are
 * tuned to now. Notes with octaves may also be written from string 1: the reading nearer to the present tuning counts. A small b after
 * a letter is a flat, unless only reading it as the note B gives one note for each string.
 */
final class TypedNotes
{
    private const NOTE = '[A-Ga-g](?:#{1,2}|b{1,2})?(?:-?\d{1,2})?';

    /** For "dadgbe", where the small b is a B string and not a flat. */
    private const NOTE_WITHOUT_FLATS = '[A-Ga-g]#{0,2}(?:-?\d{1,2})?';

    /** Notes as some languages spell them, each a word of its own: H is B, Cis C♯, Es E♭. */
    private const SPELT = '~(?<![\p{L}#])([A-Ha-h])(isis|is|eses|ses|es|s)?(-?\d)?(?![\p{L}#])~u';

    /** A step between neighbours up to so many semitones is small; each beyond counts as one that a string is moved. */
    private const SMALL_STEP = 7;

    /** What falling where the present tuning rises counts, in semitones moved. */
    private const FALLS = 24;

    /**
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @return non-empty-list<Pitch> string 1 first
     *
     * @throws InvalidPitch if something is no note, or there is not one for each string or course
     */
    public static function read(string $typed, array $present): array
    {
        return self::both($typed, $present)[0];
    }

    /**
     * What was typed, read from the last string to the first, and from the first; the likelier first.
     *
     * @param  non-empty-list<Pitch>  $present  what the strings are tuned to now, string 1 first
     * @return array{non-empty-list<Pitch>, non-empty-list<Pitch>} string 1 first
     *
     * @throws InvalidPitch if something is no note, or there is not one for each string or course
     */
    public static function both(string $typed, array $present): array
    {
        $pairs = Pairs::of($present);
        $notes = self::notes($typed, count($present), $pairs?->courses());
        if ($pairs !== null && count($notes) === $pairs->courses()) {
            $lower = $pairs->lower($present);

            return array_map($pairs->strings(...), self::inBothOrders($notes, $lower));
        }

        return self::inBothOrders($notes, $present);
    }

    /** Whether it is made of notes, however many. */
    public static function areNotes(string $typed): bool
    {
        try {
            return self::found(self::plain($typed), self::NOTE) !== [];
        } catch (InvalidPitch) {
            return false;
        }
    }

    /**
     * @param  list<string>  $notes  as many as pitches
     * @param  non-empty-list<Pitch>  $present
     * @return array{non-empty-list<Pitch>, non-empty-list<Pitch>}
     */
    private static function inBothOrders(array $notes, array $present): array
    {
        $spoken = self::pitches(array_reverse($notes), $present);
        $fromFirst = self::pitches($notes, $present);
        $octaves = preg_match('/\d/', implode('', $notes)) === 1;

        return $octaves && self::distance($fromFirst, $present) < self::distance($spoken, $present) ? [$fromFirst, $spoken] : [$spoken, $fromFirst];
    }

    /**
     * @return list<string> one for each string, or for each course
     */
    private static function notes(string $typed, int $strings, ?int $courses): array
    {
        $plain = self::plain($typed);
        $wanted = [$strings, $courses];
        $notes = self::found($plain, self::NOTE);
        if (! in_array(count($notes), $wanted, true)) {
            $others = self::found($plain, self::NOTE_WITHOUT_FLATS, true);
            if (! in_array(count($others), $wanted, true)) {
                throw InvalidPitch::wrongCount(count($notes), $strings);
            }
            $notes = $others;
        }

        return $notes;
    }

    /** Signs and words as letters: E♭, "E flat" and Es become Eb, H becomes B. */
    private static function plain(string $typed): string
    {
        $plain = strtr(mb_substr($typed, 0, 200), ['♯' => '#', '♭' => 'b', '–' => ' ', '—' => ' ', '→' => ' ']);
        $plain = (string) preg_replace(['/(?<=[A-Ga-g])[\s-]*sharp\b/iu', '/(?<=[A-Ga-g])[\s-]*flat\b/iu'], ['#', 'b'], $plain);

        $plain = (string) preg_replace('/(?<=[A-Ga-g#])\s+(?=-?\d)/', '', $plain);

        return (string) preg_replace_callback(self::SPELT, static function (array $parts): string {
            $letter = strtoupper($parts[1]) === 'H' ? 'B' : $parts[1];
            $signs = match ($parts[2] ?? '') {
                'is' => '#', 'isis' => '##', 's', 'es' => 'b', 'ses', 'eses' => 'bb', default => '',
            };

            return $letter.$signs.($parts[3] ?? '');
        }, $plain);
    }

    /**
     * @param  non-empty-string  $note  the pattern of one note
     * @return list<string>
     *
     * @throws InvalidPitch if something is no note
     */
    private static function found(string $plain, string $note, bool $loose = false): array
    {
        // A hyphen between notes parts them; one before an octave is its sign.
        $plain = (string) preg_replace('/-(?!\d)/', ' ', $plain);
        $rest = trim((string) preg_replace("~{$note}|[\\s,;:/|·]+~u", ' ', $plain));
        if ($rest !== '' && ! $loose) {
            throw InvalidPitch::unreadable($rest);
        }
        preg_match_all("/{$note}/", $plain, $found);

        return $found[0];
    }

    /**
     * Octaves for those that have none, so that all together they move and step as little as can be.
     *
     * @param  list<string>  $notes  as many as pitches, string 1 first
     * @param  non-empty-list<Pitch>  $present
     * @return non-empty-list<Pitch>
     */
    private static function pitches(array $notes, array $present): array
    {
        /** @var list<array{float, list<Pitch>}> $ways the best way to each octave of the note before, with what it costs */
        $ways = [[0.0, []]];
        foreach ($notes as $index => $note) {
            $now = $present[$index]->noteNumber();
            $falls = $index > 0 && $present[$index - 1]->noteNumber() > $now;
            $next = [];
            foreach (self::octaves($note, $present[$index]) as $pitch) {
                $best = null;
                foreach ($ways as [$cost, $way]) {
                    $above = $way === [] ? null : $way[count($way) - 1]->noteNumber() - $pitch->noteNumber();
                    $cost += abs($pitch->noteNumber() - $now) + ($pitch->noteNumber() > $now ? 0.01 : 0.0) + match (true) {
                        $above === null || ! $falls => 0,
                        $above <= 0 => self::FALLS,
                        default => max(0, $above - self::SMALL_STEP),
                    };
                    if ($best === null || $cost < $best[0]) {
                        $best = [$cost, [...$way, $pitch]];
                    }
                }
                if ($best !== null) {
                    $next[] = $best;
                }
            }
            $ways = $next;
        }
        usort($ways, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $pitches = $ways[0][1] ?? [];

        return $pitches === [] ? $present : $pitches;
    }

    /** @return list<Pitch> the one it says, or those within an octave and a half of the present one */
    private static function octaves(string $note, Pitch $now): array
    {
        if (preg_match('/\d$/', $note) === 1) {
            return [Pitch::named($note)];
        }
        $all = array_map(static fn (int $octave): Pitch => Pitch::named($note.$octave), range(0, 8));

        return array_values(array_filter($all, static fn (Pitch $pitch): bool => abs($pitch->noteNumber() - $now->noteNumber()) <= 18));
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
