<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;

/**
 * Reads what an instrument should become: a tuning by any name or by its notes, several that one set shall serve, another scale, or
 * both: "C standard", "half a step down", "D standard at 27 in", "E standard, drop D and DADGAD", "27 inch neck", "just as it feels now".
 */
final readonly class TypedWish
{
    private const JOINTS = '~\s*[,;+&]\s*|\s+(?:and|at|on|with|plus|then)\s+~iu';

    /** What people say beside a scale's length. */
    private const FILLERS = '~\b(?:an?|the|scale|length|neck|longer|shorter|new|another|of|has|for|tuned)\b~iu';

    /**
     * @param  non-empty-list<LibraryTuning>  $tunings
     * @param  ?TypedScale  $scale  null where it stays
     */
    private function __construct(public array $tunings, public ?TypedScale $scale) {}

    /**
     * @param  TuningWords  $tunings  what can be meant, from the tuning that is there now
     * @param  'mm'|'in'  $bare  the unit of a scale without one
     *
     * @throws InvalidInput if a part of it cannot be read, with the nearest that can
     */
    public static function read(string $typed, TuningWords $tunings, Kind $kind, string $bare = 'mm'): self
    {
        $typed = trim(mb_substr($typed, 0, 400));
        try {
            return new self([$tunings->one($typed === '' ? 'as it is' : $typed)], null);
        } catch (InvalidInput $noTuning) {
            // It is more than that, or something else.
        }
        $parts = preg_split(self::JOINTS, $typed, -1, PREG_SPLIT_NO_EMPTY);
        [$read, $scale] = [[], null];
        foreach ($parts === false ? [] : $parts as $part) {
            $given = self::scale($part, $kind, $bare);
            if ($given !== null) {
                $scale = $given;
            } else {
                $read[] = self::tuning($part, $tunings, $noTuning);
            }
        }

        return new self($read === [] ? [$tunings->one('as it is')] : $read, $scale);
    }

    private static function tuning(string $part, TuningWords $tunings, InvalidInput $whole): LibraryTuning
    {
        try {
            return $tunings->one($part);
        } catch (Unreadable $unreadable) {
            throw $unreadable->nearest === null && $whole instanceof Unreadable && $whole->nearest !== null ? $whole : $unreadable;
        }
    }

    /** @param  'mm'|'in'  $bare */
    private static function scale(string $part, Kind $kind, string $bare): ?TypedScale
    {
        // "To" between two lengths parts them; at the beginning it says nothing.
        $words = trim((string) preg_replace([self::FILLERS, '~^\s*to\b~iu', '~\s+~u'], [' ', ' ', ' '], $part));
        $isLength = preg_match('~^\d~u', $words) === 1 && preg_match('~\b(?:semi|step|tone|fret|half|down|up|lower|higher)~iu', $words) !== 1;
        if (! $isLength && preg_match('~^(?:extra[\s-])?(?:long|short|medium|baritone)$~iu', $words) !== 1) {
            return null;
        }

        return TypedScale::read($words, $kind, $bare);
    }
}
