<?php

declare(strict_types=1);

namespace Lira\Typed;

/** The known word that is nearest to one that is not known. */
final class Nearest
{
    /** A word with so few letters different from a known one is taken for it: one in three, two at least of four letters. */
    private const SHARE = 3;

    /**
     * @param  iterable<string>  $known
     * @return ?string the one with the fewest letters different, the first of several; null where none is near
     */
    public static function to(string $typed, iterable $known): ?string
    {
        $plain = self::plain($typed);
        if ($plain === '' || strlen($plain) > 100) {
            return null;
        }
        [$best, $least] = [null, max(1, intdiv(mb_strlen($plain) + 2, self::SHARE)) + 1];
        foreach ($known as $word) {
            $other = self::plain($word);
            // What begins so is nearer than its missing letters say.
            $away = str_starts_with($other, $plain) && strlen($plain) > 1 ? 0.5 : levenshtein($plain, mb_strcut($other, 0, 100));
            if ($away < $least) {
                [$best, $least] = [$word, $away];
            }
        }

        return $best;
    }

    /** Letters without their accents and size. */
    private static function plain(string $text): string
    {
        return trim(strtr(mb_strtolower($text), ['♯' => '#', '♭' => 'b', 'é' => 'e', 'è' => 'e', 'ü' => 'u', 'ö' => 'o', 'ä' => 'a']));
    }
}
