<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Coupling\Compliance;
use Lira\Coupling\HungString;
use Lira\Coupling\Stiffnesses;
use Lira\Document\InvalidDocument;
use Lira\Document\Node;
use Lira\Document\Problem;
use Lira\Document\Problems;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\StringAtPitch;
use Lira\Limit\Limit;
use Lira\Strength\Breaking;
use Lira\Strings\BuiltString;

/** The set and the tuning of it that a question is about. */
final readonly class AskedSet
{
    /** @var list<EvaluatedString> */
    public array $strings;

    private function __construct(public SetDocument $document, public int $tuning)
    {
        $this->strings = $document->evaluation()->strings;
    }

    /** @return ?self null where a problem was added */
    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $root->object('set', 'the set document');
        $set = $json->set ?? null;
        $tuning = $root->has('tuning') ? $root->integer('tuning', 'which tuning it is, from 0') : 0;
        if (! $set instanceof \stdClass) {
            return null;
        }
        try {
            $document = SetDocument::from($set);
        } catch (InvalidDocument $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems->add('/set'.$problem->path, $problem->message);
            }

            return null;
        }
        if ($tuning === null || ! isset($document->design->tunings[$tuning])) {
            $problems->add('/tuning', sprintf('The set has %d tunings, counted from 0.', count($document->design->tunings)));

            return null;
        }

        return new self($document, $tuning);
    }

    /** The string at a position of a node; null where a problem was added. */
    public function string(Node $node, Problems $problems): ?EvaluatedString
    {
        $position = $node->integer('position', 'which string it is');
        if ($position === null) {
            return null;
        }
        if (! isset($this->strings[$position - 1])) {
            $problems->add($node->pathOf('position'), sprintf('There is no string %d; there are %d.', $position, count($this->strings)));
        }

        return $this->strings[$position - 1] ?? null;
    }

    public function at(EvaluatedString $string): StringAtPitch
    {
        return $string->tunings[$this->tuning];
    }

    /** What it pulls so many cents from its pitch, newtons. */
    public function tensionN(EvaluatedString $string, float $cents): float
    {
        $at = $this->at($string);

        return $string->string->tension->tensionN($at->speakingLengthM, $at->frequencyHz * 2 ** ($cents / 1200));
    }

    /** How far from its pitch it sounds at some tension, cents. */
    public function cents(EvaluatedString $string, float $tensionN): float
    {
        $at = $this->at($string);

        return 1200 * log($string->string->tension->frequencyHz($tensionN, $at->speakingLengthM) / $at->frequencyHz, 2);
    }

    /** EA/(L + L_extra), from post to anchor; 0 where it has no modelled core. Newtons per metre. */
    public function stiffnessNPerM(EvaluatedString $string): float
    {
        return $this->alongItselfNPerM($string, $string->string);
    }

    /** How stiff its strings are, and may be. */
    public function stiffnesses(): Stiffnesses
    {
        [$taken, $least, $most] = [[], [], []];
        foreach ($this->strings as $string) {
            $may = array_map(fn (BuiltString $one): float => $this->alongItselfNPerM($string, $one), $string->string->possible());
            $taken[$string->position] = $may[0];
            $least[$string->position] = min($may);
            $most[$string->position] = max($may);
        }

        return new Stiffnesses($taken, $least, $most);
    }

    private function alongItselfNPerM(EvaluatedString $string, BuiltString $as): float
    {
        $extra = $this->document->design->instrument->setup->extraLengthM;

        return (float) $as->build->core?->strungStiffnessN() / ($this->at($string)->speakingLengthM + $extra);
    }

    /**
     * As it hangs, so far from its pitch and wanted at it.
     *
     * @param  ?float  $presentCents  null where it is slack, or off
     * @param  ?float  $ceilingCents  above its pitch, that it is never asked for; null for none
     */
    public function hung(EvaluatedString $string, ?float $presentCents, ?float $ceilingCents): HungString
    {
        $wanted = $this->at($string)->tensionN;
        $ceiling = INF;
        if ($ceilingCents !== null) {
            // Where it comes near to breaking, lower still; but never below its own pitch.
            $bears = Breaking::certainlyN($string->string, $this->document->limits->of(Limit::BreakStop)) ?? INF;
            $ceiling = max($wanted, min($this->tensionN($string, $ceilingCents), $bears));
        }

        return new HungString(
            $string->position,
            $this->stiffnessNPerM($string),
            $presentCents === null ? null : $this->tensionN($string, $presentCents),
            $wanted,
            $ceiling,
        );
    }

    /** What its strings hang on, as it was recorded or else as is usual; metres per newton. */
    public function complianceMPerN(): float
    {
        return $this->document->design->instrument->hardware->complianceMPerN ?? $this->usualMPerN();
    }

    /** What the strings of such an instrument usually hang on, metres per newton. */
    public function usualMPerN(): float
    {
        $instrument = $this->document->design->instrument;

        return Compliance::usualMPerN($instrument->kind, $instrument->hardware);
    }
}
