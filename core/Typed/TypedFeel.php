<?php

declare(strict_types=1);

namespace Lira\Typed;

/** Reads how a set should feel beside the one that is on it: "a little looser", "10 % tighter", "one step lighter", "heavier". */
final readonly class TypedFeel
{
    private const LESS = ['loose', 'looser', 'slack', 'slacker', 'softer', 'easier', 'less tension', 'less tight', 'lower tension', 'slinkier'];

    private const MORE = ['tight', 'tighter', 'stiffer', 'firmer', 'harder', 'more tension', 'less loose', 'higher tension'];

    private const LIGHTER = ['lighter', 'thinner', 'down a gauge', 'lighter strings', 'lighter gauge', 'lighter gauges', 'thinner strings'];

    private const HEAVIER = ['heavier', 'thicker', 'up a gauge', 'heavier strings', 'heavier gauge', 'heavier gauges', 'thicker strings'];

    /** How much is meant, as a share of the tension. */
    private const MUCH = [
        'a tiny bit' => 0.03, 'a hair' => 0.03, 'a touch' => 0.03, 'a little' => 0.05, 'a little bit' => 0.05, 'a bit' => 0.05, 'slightly' => 0.05,
        'somewhat' => 0.07, '' => 0.10, 'clearly' => 0.15, 'much' => 0.20, 'a lot' => 0.20, 'far' => 0.20, 'way' => 0.20,
    ];

    private const COUNTS = ['a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, '1' => 1, '2' => 2, '3' => 3];

    /** More than half or double is no feel that somebody knows. */
    private const MOST = 0.5;

    /**
     * @param  float  $ratio  of the tensions to what they are; 1 where it is said in steps
     * @param  int  $steps  gauges heavier; negative for lighter
     */
    private function __construct(public float $ratio, public int $steps) {}

    /** @return ?self null where it says nothing about the feel */
    public static function read(string $typed): ?self
    {
        $plain = trim((string) preg_replace(['~\b(?:feel|feeling|please|but|make it|should be|than now|than it is|strings?|set|by|of)\b~u', '~\s+~u'], [' ', ' '], mb_strtolower($typed)));
        $plain = str_replace(['percent', 'per cent', 'pct'], '%', $plain);
        [$less, $more, $lighter, $heavier] = array_map(self::any(...), [self::LESS, self::MORE, self::LIGHTER, self::HEAVIER]);
        $much = implode('|', array_filter(array_map(strval(...), array_keys(self::MUCH))));
        $counts = implode('|', array_map(strval(...), array_keys(self::COUNTS)));
        if (preg_match("~^(?<share>\\d{1,2}(?:[.,]\\d+)?)\\s*%\\s*(?:(?<less>{$less}|{$lighter}|less)|(?<more>{$more}|{$heavier}|more))$~u", $plain, $said, PREG_UNMATCHED_AS_NULL) === 1) {
            $share = (float) str_replace(',', '.', (string) $said['share']) / 100;

            return $share > self::MOST ? null : new self($said['less'] !== null ? 1 - $share : 1 + $share, 0);
        }
        if (preg_match("~^(?:(?<much>{$much})\\s+)?(?:(?<less>{$less})|(?<more>{$more}))$~u", $plain, $said, PREG_UNMATCHED_AS_NULL) === 1) {
            $share = self::MUCH[(string) $said['much']];

            return new self($said['less'] !== null ? 1 - $share : 1 + $share, 0);
        }
        if (preg_match("~^(?<much>{$much})\\s+(?:(?<less>{$lighter})|(?<more>{$heavier}))$~u", $plain, $said, PREG_UNMATCHED_AS_NULL) === 1) {
            $share = self::MUCH[(string) $said['much']];

            return new self($said['less'] !== null ? 1 - $share : 1 + $share, 0);
        }
        if (preg_match("~^(?:(?<count>{$counts})\\s+(?:steps?|gauges?|sizes?|sets?)\\s+)?(?:(?<less>{$lighter}|down|{$less})|(?<more>{$heavier}|up|{$more}))$~u", $plain, $said, PREG_UNMATCHED_AS_NULL) === 1) {
            $bare = in_array((string) ($said['less'] ?? $said['more']), ['down', 'up'], true) && preg_match('~gauge|size|set~u', $typed) !== 1;
            $count = self::COUNTS[(string) $said['count']] ?? 1;

            return $bare ? null : new self(1.0, $said['less'] !== null ? -$count : $count);
        }

        return null;
    }

    /** @param  list<string>  $words */
    private static function any(array $words): string
    {
        return implode('|', array_map(static fn (string $word): string => preg_quote($word, '~'), $words));
    }
}
