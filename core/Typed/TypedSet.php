<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Pool\StandardPool;
use Lira\Solver\KnownSets;
use Lira\Strings\Construction;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/**
 * Reads a set written in one line: its first and last gauge (10-46), a gauge for each string from either end (10 13 17 26 36 46,
 * 10-13-17-26w-36w-46w, .010 .013 …), either with more behind a plus (9-42 + 52), or a set's name. A set called by its ends is the one
 * that players mean by it; where they mean none, the usual set of the instrument stretched to these ends.
 */
final readonly class TypedSet
{
    /** Nylon, fluorocarbon and gut are not sold thinner, thousandths of an inch: such a set is of steel. */
    private const THINNEST_POLYMER = 17.0;

    /** Gauges in mm are rounded: so near, in thousandths, they are the same. */
    private const SAME = 0.26;

    private const USUAL = ['', 'usual', 'the usual', 'usual set', 'the usual set', 'standard', 'regular', 'normal', 'as sold', 'whatever', 'no idea', "i don't know", 'don’t know', 'dont know'];

    /** What players call a set by its first string. */
    private const CALLED = [
        'eights' => 8.0, 'eight' => 8.0, 'nines' => 9.0, 'nine' => 9.0, 'nine and a halfs' => 9.5, 'nine and a half' => 9.5, 'tens' => 10.0, 'ten' => 10.0,
        'ten and a halfs' => 10.5, 'ten and a half' => 10.5, 'elevens' => 11.0, 'eleven' => 11.0, 'twelves' => 12.0, 'twelve' => 12.0, 'thirteens' => 13.0, 'thirteen' => 13.0,
        'fourteens' => 14.0, '8s' => 8.0, '9s' => 9.0, '9.5s' => 9.5, '10s' => 10.0, '10.5s' => 10.5, '11s' => 11.0, '12s' => 12.0, '13s' => 13.0, '14s' => 14.0,
    ];

    /** Words that say nothing of which strings they are. */
    private const FILLERS = '~\b(?:set|sets|gauges?|strings?|of|the|a|an|from|in|on it)\b~iu';

    /**
     * @param  list<StringSpec>  $usual  what the instrument usually has, string 1 first
     * @param  array<string, \Closure(): list<StringSpec>>  $named  sets that can be called by their name, made when they are
     * @param  'thou'|'mm'  $bare  what gauges without a unit are in
     */
    public function __construct(
        private Kind $kind,
        private array $usual,
        private array $named = [],
        private string $bare = 'thou',
    ) {}

    /**
     * One string for each the instrument has, string 1 first.
     *
     * @return list<StringSpec>
     *
     * @throws InvalidInput if it cannot be read, or has not a gauge for each string
     */
    public function read(string $typed): array
    {
        $typed = trim(mb_substr($typed, 0, 400));
        $named = $this->byName($typed);
        if ($named !== null) {
            return $named;
        }
        [$make, $rest] = TypedMake::aside($typed);
        if ($make !== null) {
            return $make->of($this->read($rest), preg_match('~\d~', $rest) === 1 || self::isCalled($rest));
        }
        // A hyphen within a winding's name is none between gauges, and a price or unit behind it no gauge.
        $plain = (string) preg_replace('~(?<=\p{L})-(?=\p{L})~u', ' ', (string) preg_replace(self::FILLERS, ' ', $typed));
        $parts = array_map(trim(...), explode('+', $plain));
        if (preg_match('~[\p{L}\p{N}]~u', str_replace(array_merge(...array_map($this->parted(...), $parts)), ' ', self::withoutJoints($plain))) === 1) {
            throw Unreadable::set($typed, $this->nearest($typed));
        }
        $more = array_merge(...array_map($this->gauges(...), array_slice($parts, 1)), ...[[]]);
        $count = count($this->usual) - count($more);
        $first = $this->isRange($parts[0], $count) ? $this->completed($parts[0], $count) : $this->each($parts[0], $count, $typed);
        $rest = array_map($this->spec(...), $more);

        return [...$first, ...$rest];
    }

    /** Whether these words are what players call a set by its first string: tens, 9s. */
    public static function isCalled(string $typed): bool
    {
        return isset(self::CALLED[self::plainly($typed)]);
    }

    private static function plainly(string $typed): string
    {
        return trim((string) preg_replace(['~\b(?:set|a set|of|the|strings?|gauge)\b~u', '~[’\']~u', '~\s+~u'], [' ', '', ' '], mb_strtolower($typed)));
    }

    /**
     * The set that players call so: of those that begin with this gauge the one nearest to the usual set; else the usual one in proportion.
     *
     * @return list<StringSpec>
     */
    private function beginning(float $first): array
    {
        $count = count($this->usual);
        [$best, $least] = [null, INF];
        $share = $first / $this->least($this->usual);
        $scaled = array_map(static fn (StringSpec $spec): TypedGauge => new TypedGauge(Length::metres($share * $spec->type->gauge->inMetres()), null), $this->usual);
        foreach ([...$this->whole($count), ...KnownSets::for($this->kind, $count)] as $known) {
            $away = $this->away($known, $scaled);
            $made = array_filter(
                array_keys($known),
                fn (int $index): bool => $known[$index]->type->construction->isWound() !== $this->usual[$index]->type->construction->isWound(),
            );
            $away += count($made);
            if (abs($this->least($known) - $first) < self::SAME && $away < $least) {
                [$best, $least] = [$known, $away];
            }
        }

        return $best ?? $this->stretched($first, $this->most($this->usual) * $first / $this->least($this->usual), $count);
    }

    /** What stands between gauges and is none of them. */
    private static function withoutJoints(string $typed): string
    {
        return (string) preg_replace('~\b(?:to|and|through|x)\b~iu', ' ', $typed);
    }

    /** @return list<StringSpec>|null */
    private function byName(string $typed): ?array
    {
        $plain = mb_strtolower($typed);
        if (in_array($plain, self::USUAL, true)) {
            return $this->usual;
        }
        if (isset(self::CALLED[self::plainly($typed)])) {
            return $this->beginning(self::CALLED[self::plainly($typed)]);
        }
        foreach ($this->named as $name => $strings) {
            if (mb_strtolower((string) $name) === $plain) {
                $set = $strings();

                return count($set) === count($this->usual) ? $set : throw Unreadable::gaugesFor(count($set), count($this->usual));
            }
        }

        return null;
    }

    /** Whether two figures are the ends of a set, and not two strings. */
    private function isRange(string $typed, int $count): bool
    {
        $figures = $this->parted($typed);

        return $count > 2 && count($figures) === 2 && preg_match('~\d|["”″]|\b(?:in|mm|thou)~u', $typed) === 1
            && preg_match('~(?:-|–|—|\bto\b|\.\.|…|/|:|\bthrough\b|\bx\b)~iu', $typed) === 1;
    }

    /**
     * The set that has these ends.
     *
     * @return list<StringSpec>
     */
    private function completed(string $typed, int $count): array
    {
        $ends = $this->gauges($typed);
        usort($ends, static fn (TypedGauge $a, TypedGauge $b): int => $a->inThousandths() <=> $b->inThousandths());
        [$first, $last] = array_map(static fn (TypedGauge $gauge): float => $gauge->inThousandths(), $ends);
        $known = $this->known($first, $last, $count);
        $strings = count($this->usual);
        if ($known === null && $count < $strings && $this->known($first, $last, $strings) !== null) {
            // It is whole without what was added to it.
            throw Unreadable::gaugesFor(2 * $strings - $count, $strings);
        }

        return $known ?? $this->stretched($first, $last, $count);
    }

    /** @return list<StringSpec>|null the set players mean by its ends */
    private function known(float $first, float $last, int $count): ?array
    {
        foreach ([...$this->whole($count), ...KnownSets::for($this->kind, $count)] as $known) {
            if (abs($this->least($known) - $first) < self::SAME && abs($this->most($known) - $last) < self::SAME) {
                return $known;
            }
        }

        return null;
    }

    /**
     * The usual set of the instrument, where it has so many strings.
     *
     * @return list<list<StringSpec>>
     */
    private function whole(int $count): array
    {
        return count($this->usual) === $count ? [$this->usual] : [];
    }

    /**
     * The usual set drawn out to two ends, in proportion, to gauges that are sold.
     *
     * @return list<StringSpec>
     */
    private function stretched(float $first, float $last, int $count): array
    {
        $usual = array_slice($this->usual, 0, $count);
        [$least, $most] = [log($this->least($usual)), log($this->most($usual))];

        return array_map(function (StringSpec $spec) use ($first, $last, $least, $most): StringSpec {
            $share = $most - $least < 1e-9 ? 0.0 : (log($spec->type->gauge->inThousandths()) - $least) / ($most - $least);
            $thousandths = exp(log($first) + $share * (log($last) - log($first)));
            $isEnd = abs($share) < 1e-9 || abs($share - 1) < 1e-9;
            // An end is as it was typed; what lies between is rounded to what is sold.
            $made = $spec->type->construction->isWound() && ! ($thousandths < 17 && $this->isSteel()) ? 'wound' : 'plain';
            $gauge = new TypedGauge(Length::thousandths($thousandths), $this->isSteel() && $thousandths > $this->thickestPlain() ? 'wound' : $made);

            return $this->spec($isEnd ? $gauge : $this->sold($gauge));
        }, $usual);
    }

    private function sold(TypedGauge $gauge): TypedGauge
    {
        $best = null;
        foreach (StandardPool::for($this->kind)->strings as $string) {
            $away = abs(log($string->spec->type->gauge->inThousandths() / $gauge->inThousandths()));
            if ($string->spec->type->construction->isWound() === ($gauge->made === 'wound') && ($best === null || $away < $best[0])) {
                $best = [$away, $string->spec->type->gauge];
            }
        }

        return $best === null ? $gauge : new TypedGauge($best[1], $gauge->made);
    }

    /**
     * A gauge for each string.
     *
     * @return list<StringSpec>
     */
    private function each(string $typed, int $count, string $whole): array
    {
        if ($this->parted($typed) === []) {
            throw Unreadable::set($whole, $this->nearest($whole));
        }
        $gauges = $this->gauges($typed);
        if (2 * count($gauges) === $count && $this->standsInTwos()) {
            // One gauge for each pair.
            $gauges = array_merge(...array_map(static fn (TypedGauge $gauge): array => [$gauge, $gauge], $gauges));
        }
        if (count($gauges) !== $count) {
            throw Unreadable::gaugesFor(count($gauges), $count);
        }
        // Written from the last string: as many people say them, too.
        $usual = array_slice($this->usual, 0, $count);
        if ($this->away($usual, array_reverse($gauges)) < $this->away($usual, $gauges)) {
            $gauges = array_reverse($gauges);
        }
        foreach ([...$this->whole($count), ...KnownSets::for($this->kind, $count)] as $known) {
            if ($this->away($known, $gauges) < 1e-6 && $this->saysNothingOfWinding($gauges)) {
                return $known;
            }
        }

        return array_map($this->spec(...), $gauges);
    }

    /** Whether both strings of each pair are alike, as on a mandolin. */
    private function standsInTwos(): bool
    {
        foreach (array_chunk($this->usual, 2) as $pair) {
            if (! isset($pair[1]) || $pair[0]->type->gaugeNm !== $pair[1]->type->gaugeNm) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<TypedGauge>  $gauges */
    private function saysNothingOfWinding(array $gauges): bool
    {
        return array_filter($gauges, static fn (TypedGauge $gauge): bool => $gauge->made !== null) === [];
    }

    /**
     * How far gauges are from those of a set, all together, as logarithms.
     *
     * @param  list<StringSpec>  $set
     * @param  list<TypedGauge>  $gauges
     */
    private function away(array $set, array $gauges): float
    {
        return array_sum(array_map(
            static fn (StringSpec $spec, TypedGauge $gauge): float => abs(log($spec->type->gauge->inThousandths() / $gauge->inThousandths())),
            $set,
            $gauges,
        ));
    }

    /**
     * @return list<TypedGauge>
     *
     * @throws Unreadable where they are of steel and the instrument is strung with nothing so thin
     */
    private function gauges(string $typed): array
    {
        $figures = $this->parted($typed);
        // "2.1 2.8 3.75 5.0 mm": the unit stands once, at the end.
        $allMm = $figures !== [] && str_ends_with(mb_strtolower($figures[count($figures) - 1]), 'mm');

        $gauges = array_map(fn (string $figure): TypedGauge => Quantity::gauge($figure, $allMm || $this->bare === 'mm' ? 'mm' : 'thou'), $figures);
        foreach ($this->isSteel() ? [] : $gauges as $gauge) {
            if ($gauge->inThousandths() < self::THINNEST_POLYMER) {
                throw Unreadable::steel($typed);
            }
        }

        return $gauges;
    }

    /** @return list<string> the figures in a line, each with its unit and winding */
    private function parted(string $typed): array
    {
        // A comma parts figures where one follows each, or a space does; else it is a decimal sign.
        $commas = preg_match('~,\s~u', $typed) === 1 || preg_match('~^[^,\s]+(?:,[^,\s]+){2,}$~u', trim($typed)) === 1;
        $typed = (string) preg_replace($commas ? '~,|\s+and\s+~u' : '~\s+and\s+~u', ' ; ', $typed);
        $number = '(?:\d*[.,]?\d+(?:\s*[¼½¾])?|[¼½¾])';
        $units = '(?:mm|inch(?:es)?|in\b|thou|mils?|["”″])';
        $windings = '(?:plain|wound|round[\s-]?wound|flat[\s-]?wound|flat|tape|rw|fw|[pw])';

        return preg_match_all("~{$number}\s*(?:{$units})?\s*(?:{$windings}(?!\p{L}))?~iu", $typed, $found) === false
            ? []
            : array_map(trim(...), $found[0]);
    }

    /** The string that is meant by a gauge: of the materials usual on the instrument, wound where no plain one is so thick. */
    private function spec(TypedGauge $gauge): StringSpec
    {
        $usual = Custom::of($this->kind)->strings;
        [$plain, $wound] = [$usual->plain, $usual->wound];
        $construction = match (true) {
            $gauge->made === 'plain' => Construction::Plain,
            $gauge->made === 'wound' => Construction::RoundWound,
            $gauge->made !== null => Construction::from($gauge->made),
            default => $this->isSteel()
                ? ($this->kind->isBass() || $gauge->inThousandths() > $this->thickestPlain() ? Construction::RoundWound : Construction::Plain)
                : $this->usualMade($gauge),
        };
        $material = match (true) {
            $construction === Construction::Plain => $plain,
            in_array($wound, $construction->materials(), true) => $wound,
            default => $construction->materials()[0],
        };

        return new StringSpec(StringType::of($construction, $material, $gauge->gauge));
    }

    /** On nylon a plain string may be thicker than a wound one: as the string of the usual set that comes nearest. */
    private function usualMade(TypedGauge $gauge): Construction
    {
        [$best, $least] = [Construction::Plain, INF];
        foreach ($this->usual as $spec) {
            $away = abs(log($spec->type->gauge->inThousandths() / $gauge->inThousandths()));
            if ($away < $least) {
                [$best, $least] = [$spec->type->construction, $away];
            }
        }

        return $best;
    }

    private function isSteel(): bool
    {
        return Custom::of($this->kind)->strings->plain === Material::MusicWire;
    }

    /** Plain steel strings end there, and wound ones that nobody marks begin, thousandths of an inch. */
    private function thickestPlain(): float
    {
        $custom = Custom::of($this->kind);

        return Length::metres($custom->strings->plainUpToM(Material::MusicWire, $custom->neck->lengthM) ?? 0.0)->inThousandths() + 0.01;
    }

    private function nearest(string $typed): ?string
    {
        return Nearest::to($typed, ['usual', ...array_map(strval(...), array_keys($this->named))]);
    }

    /** @param  list<StringSpec>  $set */
    private function least(array $set): float
    {
        return $set === [] ? 1.0 : $set[0]->type->gauge->inThousandths();
    }

    /** @param  list<StringSpec>  $set */
    private function most(array $set): float
    {
        return $set === [] ? 1.0 : max(array_map(static fn (StringSpec $spec): float => $spec->type->gauge->inThousandths(), $set));
    }
}
