<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\SetEvaluator;
use Lira\Finding\Assessment;
use Lira\Fitting\Plan;
use Lira\Fitting\Planner;
use Lira\Fitting\School\Schools;
use Lira\Limit\Limits;
use Lira\Pool\Pool;
use Lira\Pool\StandardPool;
use Lira\Reach\InstrumentReach;
use Lira\Solver\Brief;
use Lira\Strings\Measurements;
use Lira\Target\Band;

/**
 * A set document (`lira-set`, version 1): what it means, and the JSON it was read from, which is kept whole.
 *
 * Writing gives that JSON back, so nothing is lost on a round trip, keys unknown here included.
 */
final readonly class SetDocument
{
    /**
     * @param  ?SetDesign  $baseline  the set that feels right
     * @param  Limits  $limits  by which findings are judged
     * @param  ?float  $holdingN  the tension below which a string flaps, where the document says it
     * @param  Measurements  $measurements  what its samples say about the model
     * @param  ?Pool  $pool  gauges whose tensions are wanted beside the set's own
     * @param  list<string>  $unknownKeys  JSON Pointers of keys that were kept but mean nothing here
     */
    public function __construct(
        public \stdClass $json,
        public SetDesign $design,
        public ?SetDesign $baseline,
        public Limits $limits,
        public ?float $holdingN,
        public Measurements $measurements,
        public ?Pool $pool,
        public array $unknownKeys,
    ) {}

    /**
     * Reads a document from its text.
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function parse(string $text): self
    {
        return SetReader::read(Json::object($text));
    }

    /**
     * Reads a document from decoded JSON.
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function from(\stdClass $json): self
    {
        return SetReader::read($json);
    }

    /**
     * What the document asks the solver for.
     *
     * @throws InvalidDocument if it has no target, or with every problem of it and its path
     */
    public function brief(Problems $problems = new Problems): Brief
    {
        $target = $this->json->target ?? null;
        if (! $target instanceof \stdClass) {
            throw InvalidDocument::at('/target', 'Missing: the target. Say which profile of tensions is aimed at.');
        }
        $reader = new TargetReader($problems, new StringReader($problems), $this->measurements);
        $brief = $reader->read(Node::at('/target', $target, $problems), $this->design, $this->baselineEvaluation(), $this->limits, $this->baseline);
        $problems->throwIfAny();

        return $brief ?? throw InvalidDocument::at('/target', 'This target cannot be read.');
    }

    /**
     * How to fit it on its instrument, on which its baseline is now.
     *
     * @throws InvalidDocument with every problem of its job and its path
     */
    public function plan(Problems $problems = new Problems): Plan
    {
        $root = Node::root($this->json, $problems);
        ['schools' => $asked, 'leftHanded' => $leftHanded, 'fingerM' => $fingerM, 'positions' => $changed] = (new JobReader)->read($root, $problems, count($this->design->strings));
        $problems->throwIfAny();

        return Planner::plan(
            $this->design,
            $this->evaluation(),
            $this->baselineEvaluation(),
            $this->limits,
            Schools::of($this->design, $asked, bare: $this->baseline === null),
            $leftHanded,
            $fingerM,
            $changed,
        );
    }

    /**
     * What each string should pull, by the document's target; none where it has no target, or one that asks for what is not
     * there. Solving says what is wrong with it.
     *
     * @return list<Band> string 1 first
     */
    public function bands(): array
    {
        $target = $this->json->target ?? null;
        if (! $target instanceof \stdClass) {
            return [];
        }
        $problems = new Problems;
        $bands = (new TargetReader($problems, new StringReader($problems), $this->measurements))
            ->bands(Node::at('/target', $target, $problems), $this->design, $this->baselineEvaluation());

        return $problems->any() ? [] : $bands ?? [];
    }

    /** Every figure of it, beside its baseline. */
    public function evaluation(): SetEvaluation
    {
        return SetEvaluator::evaluate($this->design, $this->limits, $this->baselineEvaluation(), $this->holdingN, $this->pool);
    }

    /** Its figures and what is to be said about it. */
    public function assessment(): Assessment
    {
        return Assessment::of($this->design, $this->evaluation(), $this->limits);
    }

    /** The same with what is to be said of how it plays: where it is fitted, printed or finished. */
    public function playedAssessment(): Assessment
    {
        return $this->assessment()->played($this->design, $this->limits);
    }

    /**
     * The same of another design in its place, by its limits and beside its baseline.
     *
     * @param  ?SetEvaluation  $baseline  its own, evaluated
     */
    public function assessmentOf(SetDesign $design, ?SetEvaluation $baseline): Assessment
    {
        return Assessment::of($design, SetEvaluator::evaluate($design, $this->limits, $baseline, $this->holdingN), $this->limits);
    }

    /** How low and how high its instrument can go, with its own pool of gauges or what is usually sold. */
    public function reach(): InstrumentReach
    {
        $sold = $this->pool->strings ?? StandardPool::with($this->design->instrument->kind, $this->design->strings, $this->measurements)
            ->strings;

        return InstrumentReach::of($this->design, $this->evaluation(), $this->limits, $sold);
    }

    /** The baseline alone, on its own instrument. */
    public function baselineEvaluation(): ?SetEvaluation
    {
        return $this->baseline === null ? null : SetEvaluator::evaluate($this->baseline, $this->limits);
    }

    /** The document as text, with everything it came with. */
    public function text(): string
    {
        return Json::text($this->json, pretty: true)."\n";
    }
}
