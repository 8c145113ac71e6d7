<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Feel\FeltRange;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Limit\Limit;
use Lira\Limit\Limits;
use Lira\Pitch\Tuning;
use Lira\PlainText;
use Lira\Pool\Pool;
use Lira\Pool\StandardPool;
use Lira\Solver\Brief;
use Lira\Solver\Cautions;
use Lira\Solver\Constructions;
use Lira\Solver\PackagedSet;
use Lira\Solver\Serving;
use Lira\Solver\StandardSets;
use Lira\Solver\StartingSet;
use Lira\Strings\BuiltString;
use Lira\Strings\Measurements;
use Lira\Strings\StringSpec;
use Lira\Target\Band;
use Lira\Target\Intent;
use Lira\Target\PlayingStyle;
use Lira\Target\Profile;
use Lira\Target\StyleAspect;
use Lira\Target\Tensions;
use Lira\Target\Winding;

/** Reads what a set is to be chosen for. */
final readonly class TargetReader
{
    public const MOST_PACKAGED = 500;

    public function __construct(private Problems $problems, private StringReader $strings, private Measurements $measurements) {}

    /**
     * @param  ?SetEvaluation  $baseline  the set that feels right, evaluated
     * @param  ?SetDesign  $like  the same as it was designed, whose constructions are kept where that is asked
     */
    public function read(Node $node, SetDesign $design, ?SetEvaluation $baseline, Limits $limits, ?SetDesign $like = null): ?Brief
    {
        $serving = $this->serving($node, $design);
        $aim = $this->aim($node, $design, $baseline);
        $pool = $node->has('pool')
            ? (new PoolReader($this->problems, $this->strings, $this->measurements))->read($node, $design)
            : StandardPool::like($design->instrument->kind, $design->strings, $this->measurements);
        $kept = $node->says('constructions', 'kept');
        // A set of one make stays one, whatever else the gauges to choose from are of.
        $pool = $kept ? $pool?->ofOneMake($design->strings) : $pool;
        $brief = $aim === null || $pool === null ? null : $this->brief($node, $design, $limits, $aim, $serving, $pool);
        $node->reportUnknownKeys();

        return $brief === null || ! $kept ? $brief : $brief->keeping(Constructions::kept($like ?? self::usual($design), $design, $brief));
    }

    /**
     * Only what each string should pull.
     *
     * @param  ?SetEvaluation  $baseline  the set that feels right, evaluated
     * @return non-empty-list<Band>|null string 1 first
     */
    public function bands(Node $node, SetDesign $design, ?SetEvaluation $baseline): ?array
    {
        return $this->aim($node, $design, $baseline)[1] ?? null;
    }

    /** @return array{Tensions, non-empty-list<Band>}|null */
    private function aim(Node $node, SetDesign $design, ?SetEvaluation $baseline): ?array
    {
        $profile = $node->oneOf('profile', 'a profile', Profile::class);
        $baselineN = self::aimedN($design, $baseline);
        $tensions = $profile === null ? null : $this->tensions($node, $profile, count($design->strings), $baselineN);
        $style = $node->has('style') ? $this->style($node->object('style', 'the playing style')) : PlayingStyle::unspecified();
        $width = $node->has('band') ? $node->numberWithin('band', 'half the band as a share', 0.0, 0.5) : Band::USUAL_WIDTH;
        if ($tensions === null || $width === null) {
            return null;
        }
        // What was tried out narrows or widens the band, unless the target says its own.
        $felt = $profile === Profile::Baseline && ! $node->has('band')
            ? array_map(static fn (EvaluatedString $string): ?FeltRange => $string->felt, $baseline->strings ?? [])
            : [];

        return $this->problems->at(
            $node->pathOf('tension_n'),
            fn (): array => Band::around($tensions, $style, $this->hertz($design), $width, $felt),
        );
    }

    /**
     * What the baseline's strings pull; where its strings are steel and these are not, or the other way round, what is usual of these: newtons
     * of the one say nothing about the other.
     *
     * @return list<float>
     */
    private static function aimedN(SetDesign $design, ?SetEvaluation $baseline): array
    {
        if ($baseline !== null && $baseline->isPolymer() !== $design->isPolymer()) {
            $usualN = Custom::of($design->instrument->kind)->strings->tensionOfFamilyN($design->isPolymer());

            return array_fill(0, count($design->strings), $usualN);
        }

        return array_map(static fn (EvaluatedString $string): float => $string->aimN(), $baseline->strings ?? []);
    }

    /** @param  array{Tensions, non-empty-list<Band>}  $aim */
    private function brief(Node $node, SetDesign $design, Limits $limits, array $aim, Serving $serving, Pool $pool): Brief
    {
        [$styled, $bands] = $aim;
        [$breakShare, $mostTotalN] = $this->limits($node, $design, $limits);
        [$plain, $wound] = $this->constructions($node, count($design->strings));
        $count = count($design->strings);
        $settled = static fn (\Closure $is): array => array_map(
            static fn (int $index): int => $index + 1,
            array_keys(array_filter($design->intents, $is)),
        );

        return new Brief(
            $styled, $bands, $serving, $pool, $breakShare, $mostTotalN,
            $this->position($node, 'wound_from', 'the lightest position that may be wound', $count + 1),
            $this->position($node, 'plain_to', 'the heaviest position that may be plain', $count, 0),
            [
                ...$plain,
                ...$this->positions($node, 'plain_only', $count),
                ...$settled(static fn (Intent $intent): bool => $intent->only === Winding::Plain),
            ],
            [
                ...$wound,
                ...$this->positions($node, 'wound_only', $count),
                ...$settled(static fn (Intent $intent): bool => $intent->only === Winding::Wound),
            ],
            [...$this->positions($node, 'keep', $count), ...$settled(static fn (Intent $intent): bool => $intent->hold !== null)],
            $node->says('sets', 'standard') ? StandardSets::for(
                $design->instrument->kind,
                $count,
            ) : $this->packaged($node, $design->instrument->kind),
            $node->has('mixed') && $node->boolean('mixed', 'whether plain strings may stand below wound ones') === true,
            Cautions::of($design, $limits),
        );
    }

    /**
     * What each string must be, string 1 first: plain, wound, or null for either.
     *
     * @return array{list<int>, list<int>} positions of the plain ones and of the wound ones
     */
    private function constructions(Node $node, int $count): array
    {
        if (! $node->has('constructions') || $node->says('constructions', 'kept')) {
            return [[], []];
        }
        $said = $node->values('constructions', 'what each string must be');
        if ($said !== null && count($said) !== $count) {
            $this->problems->add($node->pathOf('constructions'), sprintf('There are %d constructions for %d strings. Give plain, wound or null for each, string 1 first.', count($said), $count));

            return [[], []];
        }
        $positions = ['plain' => [], 'wound' => []];
        foreach ($said ?? [] as $index => $each) {
            if ($each === 'plain' || $each === 'wound') {
                $positions[$each][] = $index + 1;
            } elseif ($each !== null) {
                $this->problems->add($node->pathOf('constructions')."/{$index}", 'Give plain, wound or null.');
            }
        }

        return [$positions['plain'], $positions['wound']];
    }

    /** What most people put on it: the constructions that are kept where nobody said what is on it. */
    private static function usual(SetDesign $design): SetDesign
    {
        $instrument = $design->instrument;
        $tuning = StartingSet::tuning($instrument, count($design->strings));
        $strings = array_map(
            static fn (StringSpec $spec): BuiltString => BuiltString::of($spec, $instrument->kind),
            StartingSet::strings($instrument, $tuning),
        );

        return $strings === [] ? $design : new SetDesign('', $instrument, [$tuning], $strings);
    }

    /** @param  list<float>  $baselineN */
    private function tensions(Node $node, Profile $profile, int $count, array $baselineN): ?Tensions
    {
        if ($profile === Profile::Baseline) {
            $ratio = $node->has('ratio') ? $node->numberWithin('ratio', 'the ratio to the baseline', 0.1, 10.0) : 1.0;
            if ($baselineN === []) {
                $this->problems->add('/baseline', 'This profile aims at the baseline’s tensions: give the set that feels right.');

                return null;
            }

            return $ratio === null ? null : $this->problems->at(
                $node->pathOf('profile'),
                static fn (): Tensions => Tensions::baseline($baselineN, $ratio, $count),
            );
        }
        if ($profile === Profile::PerString) {
            $given = $node->numbers('tension_n', 'the target tensions in N');

            return $given === null ? null : $this->problems->at(
                $node->pathOf('tension_n'),
                static fn (): Tensions => Tensions::perString($given, $count),
            );
        }
        if ($profile === Profile::Progressive) {
            $ends = $node->object('tension_n', 'the first and the last target tension in N');
            $first = $ends?->number('first', 'the target of string 1 in N');
            $last = $ends?->number('last', 'the target of the last string in N');
            $ends?->reportUnknownKeys();

            return $first === null || $last === null ? null : $this->problems->at(
                $node->pathOf('tension_n'),
                static fn (): Tensions => Tensions::progressive($first, $last, $count),
            );
        }
        $one = $node->number('tension_n', $profile === Profile::Total ? 'the total in N' : 'the target tension in N');

        return $one === null ? null : $this->problems->at($node->pathOf('tension_n'), static fn (): Tensions => $profile === Profile::Total
            ? Tensions::total($one, $baselineN, $count)
            : Tensions::equal($one, $count));
    }

    private function serving(Node $node, SetDesign $design): Serving
    {
        if (! $node->has('tunings') || $node->says('tunings', 'worst')) {
            return Serving::worst();
        }
        if ($node->says('tunings', 'mean')) {
            return Serving::mean();
        }
        $index = $node->integer('tunings', 'the tunings that count: "worst", "mean" or the number of one, from 0');
        if ($index !== null && ($index < 0 || $index >= count($design->tunings))) {
            $this->problems->add(
                $node->pathOf('tunings'),
                sprintf(
                    'There are %d tunings: give "worst", "mean" or a number from 0 to %d.',
                    count($design->tunings),
                    count($design->tunings) - 1,
                ),
            );
        }

        return Serving::one($index ?? 0);
    }

    private function style(?Node $node): PlayingStyle
    {
        $style = PlayingStyle::unspecified();
        foreach (StyleAspect::cases() as $aspect) {
            $answer = $node !== null && $node->has($aspect->value) ? $node->text($aspect->value, 'the answer') : null;
            if ($node !== null && $answer !== null) {
                $style = $this->problems->at(
                    $node->pathOf($aspect->value),
                    static fn (): PlayingStyle => $style->with($aspect, $answer),
                ) ?? $style;
            }
        }
        $node?->reportUnknownKeys();

        return $style;
    }

    /** @return array{float, ?float} the greatest share of the breaking load and the greatest total in newtons */
    private function limits(Node $target, SetDesign $design, Limits $limits): array
    {
        $node = $target->has('limits') ? $target->object('limits', 'the limits') : null;
        $share = $node !== null && $node->has('break_share') ? $node->numberWithin(
            'break_share',
            'the share of the breaking load',
            0.05,
            1.0,
        ) : null;
        $total = $node !== null && $node->has('max_total_n') ? $node->numberWithin(
            'max_total_n',
            'the greatest total in N',
            1.0,
            20_000.0,
        ) : null;
        $node?->reportUnknownKeys();

        return [$share ?? $limits->of(Limit::BreakCaution), $total ?? $design->instrument->hardware->maxTotalN];
    }

    /** @return list<PackagedSet> */
    private function packaged(Node $target, Kind $kind): array
    {
        $nodes = $target->has('sets') ? $target->objects('sets', 'the packaged sets') ?? [] : [];
        if (count($nodes) > self::MOST_PACKAGED) {
            $this->problems->add($target->pathOf('sets'), sprintf('Compare at most %d packaged sets.', self::MOST_PACKAGED));

            return [];
        }
        $sets = [];
        foreach ($nodes as $node) {
            $name = $node->words('name', 'the set’s name', 0, PlainText::LONGEST_NAME);
            $strings = [];
            foreach ($node->objects('strings', 'the set’s strings') ?? [] as $string) {
                $spec = $this->strings->read($string);
                $built = $spec === null ? null : $this->problems->at(
                    $string->path,
                    fn (): BuiltString => BuiltString::of($spec, $kind, $this->measurements),
                );
                if ($built !== null) {
                    $strings[] = $built;
                }
            }
            $node->reportUnknownKeys();
            if ($strings === []) {
                $this->problems->add($node->pathOf('strings'), 'A packaged set has at least one string, string 1 first.');
            } elseif ($name !== null) {
                $sets[] = new PackagedSet($name, $strings);
            }
        }

        return $sets;
    }

    /** @return non-empty-list<float> the mean pitch of each string over the tunings, for ranking them */
    private function hertz(SetDesign $design): array
    {
        return array_map(static fn (int $index): float => exp(array_sum(array_map(
            static fn (Tuning $tuning): float => log($tuning->frequencyHz($index + 1)),
            $design->tunings,
        )) / count($design->tunings)), array_keys($design->strings));
    }

    /** @param  non-empty-string  $what */
    private function position(Node $node, string $key, string $what, int $most, int $least = 1): ?int
    {
        $position = $node->has($key) ? $node->integer($key, $what) : null;
        if ($position !== null && ($position < $least || $position > $most)) {
            $this->problems->add($node->pathOf($key), ucfirst($what)." goes from {$least} to {$most}.");
        }

        return $position;
    }

    /** @return list<int> */
    private function positions(Node $node, string $key, int $count): array
    {
        $positions = [];
        foreach ($node->has($key) ? $node->numbers($key, 'the positions') ?? [] : [] as $index => $position) {
            if ($position < 1 || $position > $count || $position !== floor($position)) {
                $this->problems->add($node->pathOf($key).'/'.$index, "Positions go from 1 to {$count}.");
            } else {
                $positions[] = (int) $position;
            }
        }

        return $positions;
    }
}
