<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Kind\Kind;
use Lira\Pitch\LibraryTuning;
use Lira\Pitch\ReferencePitch;
use Lira\Strings\StringSpec;

/**
 * Reads what an instrument should become, in any words a player has: a tuning by any name or by its notes, several that one set shall
 * serve, a set, another scale, another reference pitch, how it should feel, or several of these: "C standard", "half a step down",
 * "D standard at 27 in", "E standard, drop D and DADGAD", "40-100", "tens in drop D", "a little looser", "at 432", "just as it feels now".
 */
final readonly class TypedWish
{
    private const JOINTS = '~\s*[;+&]\s*|\s*,\s+|(?<!\d),|,(?!\d)|\s+(?:and|at|on|with|plus|then|but|for)\s+|(?<=\d\sin|\din|mm|cm|["”″]|inch|zoll)\s+(?!neck|scale|length|long|to\b)(?=\p{L}{2}|[A-Ha-h]\b)|(?<=\p{L})\s+(?=\d+(?:[.,]\d+)?\s*(?:in\b|inch|["”″]|mm\b|cm\b|zoll))~iu';

    /** Between a set and its tuning. */
    private const IN = '~\s+in\s+(?=[A-Ha-h][#b♯♭]?\b|drop|open|stand|dad|half|double)|\s+tuned\s+(?:to\s+)?~iu';

    /** What people say beside a scale's length. */
    private const FILLERS = '~\b(?:an?|the|scale|length|neck|longer|shorter|new|another|of|has|for|tuned|at)\b~iu';

    /** Lengths that two numbers can be, of one fan: as far apart, and so long. */
    private const FANS = 1.2;

    private const SHORTEST_IN = 10.0;

    private const SHORTEST_MM = 250.0;

    /** What is half said: how far is asked. */
    private const HALF_SAID = [
        'lower' => ['half a step down', 'a whole step down', 'two whole steps down'], 'down' => ['half a step down', 'a whole step down', 'two whole steps down'],
        'deeper' => ['half a step down', 'a whole step down', 'two whole steps down'], 'higher' => ['half a step up', 'a whole step up'], 'up' => ['half a step up', 'a whole step up'],
        'drop' => ['drop D', 'drop C', 'drop A'], 'open' => ['open G', 'open D', 'open C'],
    ];

    /** What somebody can wish, to take where a wish is not understood. */
    private const WISHES = ['as it is', 'half a step down', 'drop D', 'a little looser', 'one step lighter'];

    /**
     * @param  non-empty-list<LibraryTuning>  $tunings
     * @param  ?TypedScale  $scale  null where it stays
     * @param  ?list<StringSpec>  $set  string 1 first; null where it is to be chosen
     * @param  ?TypedFeel  $feel  null where it stays
     * @param  ?float  $a4Hz  null where it stays
     * @param  bool  $retunes  whether a tuning was said
     */
    private function __construct(
        public array $tunings,
        public ?TypedScale $scale = null,
        public ?array $set = null,
        public ?TypedFeel $feel = null,
        public ?float $a4Hz = null,
        public bool $retunes = false,
    ) {}

    /**
     * @param  TuningWords  $tunings  what can be meant, from the tuning that is there now
     * @param  'mm'|'in'  $bare  the unit of a scale without one
     * @param  ?TypedSet  $sets  what sets can be meant
     *
     * @throws InvalidInput if a part of it cannot be read, with the nearest that can
     */
    public static function read(string $typed, TuningWords $tunings, Kind $kind, string $bare = 'mm', ?TypedSet $sets = null): self
    {
        $typed = trim(mb_substr($typed, 0, 400));
        $now = $tunings->one('as it is');
        if ($typed === '') {
            return new self([$now]);
        }
        $whole = self::part($typed, $tunings, $kind, $bare, $sets);
        if (! $whole instanceof InvalidInput) {
            return self::of([$whole], $now);
        }
        $parts = [];
        foreach (self::parts(self::JOINTS, $typed) as $part) {
            $read = self::part($part, $tunings, $kind, $bare, $sets);
            foreach ($read instanceof InvalidInput ? self::parts(self::IN, $part) : [] as $half) {
                $parts[] = self::orRefuse(self::part($half, $tunings, $kind, $bare, $sets), $whole);
            }
            if (! $read instanceof InvalidInput) {
                $parts[] = $read;
            }
        }

        return self::of($parts, $now);
    }

    /** @return list<string> */
    private static function parts(string $joints, string $typed): array
    {
        $parts = preg_split($joints, $typed, -1, PREG_SPLIT_NO_EMPTY);

        return $parts === false ? [] : $parts;
    }

    /** @param  list<LibraryTuning|TypedScale|TypedFeel|float|list<StringSpec>>  $parts */
    private static function of(array $parts, LibraryTuning $now): self
    {
        [$tunings, $scale, $set, $feel, $a4Hz] = [[], null, null, null, null];
        foreach ($parts as $part) {
            if ($part instanceof LibraryTuning) {
                $tunings[] = $part;
            }
            $scale = $part instanceof TypedScale ? $part : $scale;
            $feel = $part instanceof TypedFeel ? $part : $feel;
            $set = is_array($part) ? $part : $set;
            $a4Hz = is_float($part) ? $part : $a4Hz;
        }

        return new self($tunings === [] ? [$now] : $tunings, $scale, $set, $feel, $a4Hz, $tunings !== []);
    }

    /**
     * @param  LibraryTuning|TypedScale|TypedFeel|float|list<StringSpec>|InvalidInput  $part
     * @return LibraryTuning|TypedScale|TypedFeel|float|list<StringSpec>
     *
     * @throws InvalidInput
     */
    private static function orRefuse(LibraryTuning|TypedScale|TypedFeel|float|array|InvalidInput $part, InvalidInput $whole): LibraryTuning|TypedScale|TypedFeel|float|array
    {
        if (! $part instanceof InvalidInput) {
            return $part;
        }
        throw $part instanceof Unreadable && $part->nearest === null && $whole instanceof Unreadable && $whole->nearest !== null ? $whole : $part;
    }

    /**
     * @param  'mm'|'in'  $bare
     * @return LibraryTuning|TypedScale|TypedFeel|float|list<StringSpec>|InvalidInput why it is none of these
     */
    private static function part(string $part, TuningWords $tunings, Kind $kind, string $bare, ?TypedSet $sets): LibraryTuning|TypedScale|TypedFeel|float|array|InvalidInput
    {
        $part = trim($part);
        $read = TypedFeel::read($part) ?? self::pitch($part);
        if ($read !== null) {
            return $read;
        }
        try {
            $scale = self::scale($part, $kind, $bare);
            if ($scale !== null) {
                return $scale;
            }
            if ($sets !== null && self::isSet($part)) {
                return $sets->read($part);
            }
        } catch (InvalidInput $refused) {
            return $refused;
        }
        try {
            return $tunings->one($part);
        } catch (InvalidInput $noTuning) {
            try {
                // What a supplier packs, or words such as "light".
                return $sets === null ? $noTuning : $sets->read($part);
            } catch (InvalidInput) {
                $half = self::HALF_SAID[mb_strtolower($part)] ?? null;

                return $half !== null || ($noTuning instanceof Unreadable && $noTuning->nearest === null)
                    ? Unreadable::wish($part, array_values(array_filter($half ?? self::WISHES, static fn (string $wish): bool => self::canBe($wish, $tunings))))
                    : $noTuning;
            }
        }
    }

    /** Whether a wish means something on this instrument. */
    private static function canBe(string $wish, TuningWords $tunings): bool
    {
        return TypedFeel::read($wish) !== null || $tunings->found($wish) !== [];
    }

    /** Whether it is gauges, by its figures or by what players call a set. */
    private static function isSet(string $part): bool
    {
        return TypedSet::isCalled($part) || TypedMake::aside($part)[0] !== null
            || (preg_match('~\d~u', $part) === 1 && preg_match('~[^\d\s.,\-–—+/wp"”″½¼¾]~iu', (string) preg_replace('~\b(?:to|set|gauges?|strings?|wound|plain|thou|mm|in|a)\b~iu', ' ', $part)) !== 1 && preg_match_all('~\d+(?:[.,]\d+)?~u', $part) > 1);
    }

    /** @return ?float hertz of A4 */
    private static function pitch(string $part): ?float
    {
        if (preg_match('~^(?:at\s+)?(?:a4?\s*=?\s*)?(\d{3}(?:[.,]\d+)?)\s*(hz|hertz)?$~iu', $part, $said) !== 1) {
            return null;
        }
        $hertz = (float) str_replace(',', '.', $said[1]);
        // Bare figures near the usual pitch are one; others are a length.
        $isSaid = ($said[2] ?? '') !== '' || preg_match('~^(?:at\s+)?a~iu', $part) === 1;

        return ($isSaid && $hertz >= ReferencePitch::LOWEST_HZ && $hertz <= ReferencePitch::HIGHEST_HZ) || ($hertz >= 428 && $hertz <= 446) ? $hertz : null;
    }

    /** @param  'mm'|'in'  $bare */
    private static function scale(string $part, Kind $kind, string $bare): ?TypedScale
    {
        // "To" between two lengths parts them; at the beginning it says nothing.
        $words = trim((string) preg_replace([self::FILLERS, '~^\s*to\b~iu', '~\s+~u'], [' ', ' ', ' '], $part));
        if (preg_match('~^(?:extra[\s-])?(?:long|short|medium|baritone)$~iu', $words) === 1 && (preg_match('~scale|neck|length~iu', $part) === 1 || preg_match('~baritone~iu', $words) !== 1)) {
            return TypedScale::read($words, $kind, $bare);
        }
        if (preg_match('~^\d~u', $words) !== 1 || preg_match('~\b(?:semi|step|tone|fret|half|down|up|lower|higher)~iu', $words) === 1) {
            return null;
        }
        preg_match_all('~\d+(?:[.,]\d+)?~u', $words, $found);
        $figures = array_map(static fn (string $figure): float => (float) str_replace(',', '.', $figure), $found[0]);
        $isLong = ($figures[0] ?? 0.0) >= (preg_match('~\b(?:in|inch|inches|zoll)\b|["”″]|cm\b~iu', $words) === 1 || $figures === [] || max($figures) < 100 ? self::SHORTEST_IN : self::SHORTEST_MM);
        $says = preg_match('~\b(?:mm|cm|in|inch|inches|zoll|m)\b|["”″]~iu', $words) === 1;
        $isRange = count($figures) === 2 && preg_match('~\d\s*(?:-|–|—|to|/)\s*\d~iu', $words) === 1 && preg_match('~\d/\d~u', $words) !== 1;
        $is = match (true) {
            ! $isLong => false,
            $isRange => ($says || max($figures) > 120) && max($figures) / max(1e-9, min($figures)) <= self::FANS
                || (! $says && min($figures) >= 22 && max($figures) <= 40 && max($figures) / min($figures) <= self::FANS),
            count($figures) <= 1 => $says || $figures[0] >= self::SHORTEST_MM || ($figures[0] >= 20 && $figures[0] <= 40),
            default => $says && preg_match('~\d+\s+\d+\s*/\s*\d+~u', $words) === 1,
        };

        return $is ? TypedScale::read($words, $kind, $bare) : null;
    }
}
