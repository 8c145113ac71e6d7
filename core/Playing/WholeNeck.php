<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;
use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Instrument\Hand;
use Lira\Instrument\Setup;
use Lira\Kind\UsualSetup;

/** How a set plays on its instrument, in one tuning: every fret in cents, the lowest clean action, what warmth does. Pure. */
final readonly class WholeNeck
{
    /** How many frets a neck has until somebody says. */
    public const FRETS = 22;

    /** What may stand in for what nobody measured, as documents name it. */
    public const ASSUMED = [...Setup::KEYS, 'frets'];

    /** @var list<NeckFigures> string 1 first */
    public array $strings;

    /** How many the neck has; 0 for a fretless one. */
    public int $frets;

    public Setup $setup;

    /** @param  int  $tuning  which of the design's, from 0 */
    public function __construct(private SetDesign $design, private SetEvaluation $evaluation, public int $tuning, public Circumstances $with = new Circumstances)
    {
        $this->frets = $design->instrument->neck->frets ?? self::FRETS;
        $this->setup = $design->instrument->setup;
        $this->strings = array_map($this->string(...), $evaluation->strings);
    }

    /** @return list<value-of<self::ASSUMED>> what stood in for what nobody measured */
    public function assumed(): array
    {
        return [...$this->setup->assumed, ...($this->design->instrument->neck->frets === null ? ['frets'] : [])];
    }

    /** A string as it is played in a tuning; null where nobody knows how it stretches. */
    public static function played(SetDesign $design, EvaluatedString $string, int $tuning, ?float $nutHeightM = null): ?PlayedString
    {
        $core = $string->string->build->core;
        $setup = $design->instrument->setup;
        $line = self::line($design, $string->position, $tuning);

        return $core === null ? null : new PlayedString(
            $nutHeightM === null ? $line : $line->overNut($nutHeightM),
            $string->tunings[$tuning]->tensionN,
            $core->strungStiffnessN(),
            $core->stiffestBendingNm2(),
            $setup->extraLengthM,
        );
    }

    /**
     * How low a string may lie once its neck is so hollow.
     *
     * @param  int  $position  1 to the number of strings
     * @param  float  $reliefM  0 or more
     * @return array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null null without a fret beyond its start
     */
    public function cleanActionWith(int $position, float $reliefM): ?array
    {
        $string = $this->strings[$position - 1];

        return $this->cleanAction($this->evaluation->strings[$position - 1], $string->line->withRelief($reliefM), $string->best);
    }

    /**
     * The string that asks for the highest action.
     *
     * @return array{int, CleanAction}|null its position and what it asks for; null without a fret beyond where strings begin
     */
    public function mostNeeded(Hand $hand): ?array
    {
        $most = null;
        foreach ($this->strings as $string) {
            $one = $string->cleanAction[$hand->value] ?? null;
            if ($one !== null && ($most === null || $one->actionM > $most[1]->actionM)) {
                $most = [$string->position, $one];
            }
        }

        return $most;
    }

    /** @return array{soft: CleanAction, medium: CleanAction, hard: CleanAction}|null with its saddle where it was found, else where it is best */
    private function cleanAction(EvaluatedString $string, StringLine $line, ?BestPlace $best): ?array
    {
        $setbackM = $this->design->setbacksM[$string->position] ?? $best->place->setbackM ?? 0.0;
        $tensionN = $string->tunings[$this->tuning]->tensionN;

        return CleanAction::of($line, $tensionN, $this->setup->pickingN, $this->setup->pickFromSaddleM, $this->setup->verticalShare, $setbackM, $this->frets);
    }

    private static function line(SetDesign $design, int $position, int $tuning): StringLine
    {
        return StringLine::of($design->instrument->scale, $design->instrument->setup, $position, count($design->strings), $design->tunings[$tuning]->capo);
    }

    private function string(EvaluatedString $string): NeckFigures
    {
        $position = $string->position;
        $played = self::played($this->design, $string, $this->tuning, $this->with->nutHeightM?->estimate);
        $line = $played->line ?? self::line($this->design, $position, $this->tuning);
        $found = $this->design->setbacksM[$position] ?? null;
        $best = $played === null ? null : BestPlace::ofSaddle($played, 0.0, $this->with->share);
        $both = $played === null ? null : BestPlace::ofBoth($played, $this->with->share);
        $place = match ($this->with->ends) {
            EndsStand::Found => $found === null ? $best?->place : new Placement($found),
            EndsStand::Best => $best?->place,
            EndsStand::Nut => $both?->place,
        };
        $core = $string->string->build->core;
        $tensionN = $string->tunings[$this->tuning]->tensionN;

        return new NeckFigures(
            $position, $line, $place, $this->with->ends === EndsStand::Found && $found !== null,
            $played === null || $place === null ? [] : $this->cents($played, $place, $this->with->capoOn($position)),
            $best, $both,
            $this->cleanAction($string, $line, $best),
            Warmth::centsPerK((float) $core?->strungStiffnessN(), $tensionN, $core?->material->properties()->expansionPerK),
            $played === null || $both === null ? null : $this->firstFrets($played, $both->place),
        );
    }

    /** @return array<int, Interval> by fret; a nut that nobody measured may let it hang lower or higher */
    private function cents(PlayedString $played, Placement $place, int $capo): array
    {
        $held = $played->heldAt($capo);
        $others = array_map($held->overNut(...), $this->otherNutsM($played->line));
        $cents = [];
        for ($fret = max($played->line->startFret + 1, $held->heldAt); $fret <= $this->frets; $fret++) {
            $range = $held->cents($fret, $place);
            $ends = [$range->low, $range->high];
            foreach ($others as $other) {
                $also = $other->cents($fret, $place);
                array_push($ends, $also->low, $also->high);
            }
            $cents[$fret] = Interval::around($range->low + $this->with->share * ($range->high - $range->low), ...$ends);
        }

        return $cents;
    }

    private function firstFrets(PlayedString $played, Placement $place): float
    {
        $sum = 0.0;
        for ($fret = 1; $fret <= NeckFigures::FIRST; $fret++) {
            $sum += $played->centsAt($played->line->startFret + $fret, $place, $this->with->share);
        }

        return $sum / NeckFigures::FIRST;
    }

    /** @return list<float> how high the nut may let it hang besides, metres */
    private function otherNutsM(StringLine $line): array
    {
        $nutM = $line->nutHeightM;
        $range = $this->with->nutHeightM;

        return match (true) {
            $line->isCapoed() => [],
            $range !== null => [$range->low, $range->high],
            $this->setup->isMeasured('nut_height_mm') => [],
            default => [max(0.0, $nutM - UsualSetup::NUT_VARIES_M), $nutM + UsualSetup::NUT_VARIES_M],
        };
    }
}
