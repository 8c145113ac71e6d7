<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Length\Length;

/** Something typed that cannot be read, said with the nearest that can. */
final class Unreadable extends InvalidInput
{
    private const MOST_SHOWN = 40;

    private const MOST_NAMED = 3;

    /** What can be read instead and comes nearest; null where nothing does. */
    public readonly ?string $nearest;

    /** @param  list<string>  $offers  what can be read instead, the nearest first */
    private function __construct(string $message, public readonly array $offers = [])
    {
        $this->nearest = $offers[0] ?? null;
        $did = implode('” or “', array_slice($offers, 0, self::MOST_NAMED));
        parent::__construct($message.($offers === [] ? '' : " Did you mean “{$did}”?"));
    }

    /** @param  list<string>  $words  that may stand behind the figure */
    public static function quantity(string $typed, string $what, string $such, array $words): self
    {
        $nearest = null;
        if (preg_match('~^\s*([\d.,/½¼¾\s]*\d[\d.,/½¼¾]*)\s*([\p{L}"”″].*?)\s*$~u', $typed, $parts) === 1) {
            $word = Nearest::to($parts[2], $words);
            $nearest = $word === null ? null : "{$parts[1]} {$word}";
        }

        return new self(self::shown($typed)." is not {$what}. Type it as {$such}.", self::any($nearest));
    }

    public static function gauge(string $typed, float $value, string $unit): self
    {
        $nearest = null;
        foreach (['thou' => Length::METRES_PER_INCH / 1000, 'mm' => 0.001, 'in' => Length::METRES_PER_INCH] as $other => $metres) {
            foreach ([1.0, 10.0, 100.0] as $shift) {
                $meant = $value / $shift * $metres;
                if ($nearest === null && ! ($other === $unit && $shift === 1.0) && $meant >= 0.15e-3 && $meant <= 5e-3) {
                    $nearest = sprintf('%s %s', (string) ($value / $shift), $other);
                }
            }
        }

        return new self(self::shown($typed).' cannot be a gauge: strings are 0.05 to 6 mm, or 2 to 236 thousandths of an inch.', self::any($nearest));
    }

    /** @param  list<string>  $offers  what it may have been */
    public static function tuning(string $typed, array $offers): self
    {
        return new self(
            'There is no tuning of the name '.self::shown($typed).'. Type a name, such as drop D, or its notes, such as D A D G A D.',
            $offers,
        );
    }

    public static function set(string $typed, ?string $nearest): self
    {
        return new self(
            self::shown($typed).' is not a set. Type its first and last gauge, such as 10-46, every gauge from string 1, or the name of a set.',
            self::any($nearest),
        );
    }

    /** Gauges that only steel has, for an instrument that is strung with polymers. */
    public static function steel(string $typed): self
    {
        return new self(self::shown($typed).' are gauges of steel strings, and steel pulls apart what was built for nylon.', ['usual set']);
    }

    public static function gaugesFor(int $gauges, int $strings): self
    {
        return new self(sprintf(
            '%d %s for %d strings. Give one for each, string 1 first, or only the first and the last, such as 10-46.',
            $gauges,
            $gauges === 1 ? 'gauge' : 'gauges',
            $strings,
        ));
    }

    /** @param  list<string>  $offers  what it may have been */
    public static function instrument(string $typed, array $offers): self
    {
        return new self(self::shown($typed).' is no instrument known here. Say what it is, such as electric guitar, five-string bass or ukulele, and its scale length.', $offers);
    }

    /** @param  list<string>  $offers  what can be wished */
    public static function wish(string $typed, array $offers): self
    {
        return new self(
            self::shown($typed).' is no wish known here. Say a tuning, a set, a scale, how it should feel, or several: drop C, 9-42, 27 in, a little looser.',
            $offers,
        );
    }

    public static function scale(string $typed, ?string $nearest): self
    {
        return new self(self::shown($typed).' is not a scale length. Type it as 648 mm, 25.5 in, or 648 to 686 mm for fanned frets.', self::any($nearest));
    }

    /** @return list<string> */
    private static function any(?string $nearest): array
    {
        return $nearest === null ? [] : [$nearest];
    }

    private static function shown(string $typed): string
    {
        $typed = trim($typed);

        return '“'.(mb_strlen($typed) > self::MOST_SHOWN ? mb_substr($typed, 0, self::MOST_SHOWN).'…' : $typed).'”';
    }
}
