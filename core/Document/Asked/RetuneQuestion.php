<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Coupling\Coupled;
use Lira\Coupling\HungString;
use Lira\Coupling\Observed;
use Lira\Coupling\Round;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Evaluation\EvaluatedString;
use Lira\Settling\Settling;

/** From where the strings stand now to their tuning in one pass: where to leave each when its turn comes (`lira-retuning`, version 1). */
final readonly class RetuneQuestion implements Question
{
    private const CEILING_CENTS = 100.0;

    /** An observation counts from here on. */
    private const LEAST_MOVED_CENTS = 50.0;

    private const MOST_CENTS = 6000.0;

    private const MOST_ROUNDS = 40;

    private const USUAL_POST_M = 0.006;

    /**
     * @param  list<HungString>  $strings
     * @param  list<int>  $order
     * @param  int  $counted  of the observations, how many moved their string far enough to tell of the others
     */
    private function __construct(
        private AskedSet $set,
        private array $strings,
        private array $order,
        private float $complianceMPerN,
        private string $source,
        private ?float $standardErrorMPerN,
        private int $counted,
        private bool $hasCeiling,
        private float $toleranceCents,
    ) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $present = $root->numbersOrNull('present_cents', 'how far each string is from its pitch, in cents');
        $ceiling = match (true) {
            property_exists($json, 'ceiling_cents') && $json->ceiling_cents === null => null,
            $root->has('ceiling_cents') => $root->numberWithin('ceiling_cents', 'the ceiling in cents', 0.0, 1200.0),
            default => self::CEILING_CENTS,
        };
        $root->knows('ceiling_cents');
        $tolerance = $root->has('tolerance_cents')
            ? $root->numberWithin('tolerance_cents', 'how near its pitch a string is left as it is, in cents,', 0.1, 100.0)
            : Settling::TOLERANCE_CENTS;
        if ($set === null || $present === null || $tolerance === null) {
            return null;
        }
        $count = count($set->strings);
        if (count($present) !== $count) {
            $problems->add('/present_cents', sprintf('Give one entry for each of %d strings, string 1 first; there are %d.', $count, count($present)));

            return null;
        }
        foreach ($present as $index => $cents) {
            if ($cents !== null && abs($cents) > self::MOST_CENTS) {
                $problems->add("/present_cents/{$index}", 'That is more than five octaves away. Give cents, or null where the string is slack.');
            }
        }
        $order = self::order($root, $count, $problems);
        $compliance = self::compliance($root, $set, $problems);

        return $problems->any() ? null : new self(
            $set,
            array_map(static fn (EvaluatedString $string, ?float $cents): HungString => $set->hung($string, $cents, $ceiling), $set->strings, $present),
            $order,
            $compliance['complianceMPerN'],
            $compliance['source'],
            $compliance['standardErrorMPerN'],
            $compliance['counted'],
            $ceiling !== null,
            $tolerance,
        );
    }

    public function answer(): array
    {
        $coupled = new Coupled($this->strings, $this->order, $this->complianceMPerN);
        $first = $this->hasCeiling ? $coupled->part($coupled->share()) : $coupled;
        $wound = $first->windM();
        $round = new Round($this->strings, $this->order, $this->complianceMPerN, $this->toleranceCents, $this->centsAt(...));
        $steps = [];
        foreach ($first->leaveN() as $position => $leaveN) {
            $string = $this->set->strings[$position - 1];
            $cents = $this->set->cents($string, max(1e-9, $leaveN));
            $steps[] = [
                'position' => $position,
                'target_cents' => $cents,
                'hz' => $this->set->at($string)->frequencyHz * 2 ** ($cents / 1200),
                'tension_n' => $leaveN,
                'knob_turns' => $this->knobTurns($position, $wound[$position] ?? null),
            ];
        }

        return [
            'format' => 'lira-retuning',
            'version' => 1,
            'compliance_um_per_n' => 1e6 * $this->complianceMPerN,
            'source' => $this->source,
            'standard_error_um_per_n' => $this->standardErrorMPerN === null ? null : 1e6 * $this->standardErrorMPerN,
            'observations_counted' => $this->counted,
            'learned' => Round::isLearned($this->complianceMPerN, $this->standardErrorMPerN),
            'landed' => $round->hasLanded(),
            'may_stay' => $round->mayStay(),
            'passes' => $this->hasCeiling ? $coupled->passes() : 1,
            'steps' => $steps,
            'without' => $this->standing($coupled->withoutN()),
            'without_rounds' => $this->withoutRounds($coupled),
            'after' => $this->standing($first->afterN()),
        ];
    }

    /** How often one would go round, bringing each string to its pitch in turn, until all stand within the tolerance. */
    private function withoutRounds(Coupled $coupled): int
    {
        $rounds = 0;
        $strings = $this->strings;
        do {
            $after = $coupled->withoutN();
            $strings = array_map(static fn (HungString $string): HungString => $string->at($after[$string->position], $string->wantedN), $strings);
            $coupled = new Coupled($strings, $this->order, $this->complianceMPerN);
            $worst = 0.0;
            foreach ($this->order as $position) {
                $tensionN = $after[$position] ?? null;
                $worst = $tensionN === null ? $worst : max($worst, abs($this->centsAt($position, $tensionN)));
            }
        } while (++$rounds < self::MOST_ROUNDS && $worst > $this->toleranceCents);

        return $rounds;
    }

    /** Turns of its knob; null where it is slack and has to be taken up first, or not enough is known. */
    private function knobTurns(int $position, ?float $woundM): ?float
    {
        $posts = $this->set->document->design->instrument->hardware->posts;

        return $woundM === null || $this->strings[$position - 1]->presentN === null ? null
            : $woundM / (M_PI * ($posts->diameterM ?? self::USUAL_POST_M)) * $posts->gearRatio;
    }

    /**
     * @param  array<int, ?float>  $tensionsN  by position
     * @return list<array{position: int, cents: float}> by position
     */
    private function standing(array $tensionsN): array
    {
        $standing = [];
        foreach ($tensionsN as $position => $tensionN) {
            if ($tensionN !== null) {
                $standing[] = ['position' => $position, 'cents' => $this->centsAt($position, $tensionN)];
            }
        }

        return $standing;
    }

    private function centsAt(int $position, float $tensionN): float
    {
        return $this->set->cents($this->set->strings[$position - 1], max(1e-9, $tensionN));
    }

    /** @return list<int> */
    private static function order(Node $root, int $count, Problems $problems): array
    {
        if (! $root->has('order')) {
            return range($count, 1);
        }
        $order = [];
        foreach ($root->numbers('order', 'the strings in the order in which they are tuned') ?? [] as $index => $position) {
            $problem = match (true) {
                $position !== floor($position), $position < 1, $position > $count => sprintf('There is no such string; there are %d.', $count),
                in_array((int) $position, $order, true) => 'This string stands in the order already. Turn each tuner once.',
                default => null,
            };
            if ($problem !== null) {
                $problems->add("/order/{$index}", $problem);
            }
            $order[] = (int) $position;
        }

        return $order;
    }

    /** @return array{complianceMPerN: float, source: string, standardErrorMPerN: ?float, counted: int} */
    private static function compliance(Node $root, AskedSet $set, Problems $problems): array
    {
        $hardware = $set->document->design->instrument->hardware;
        $assumed = [
            'complianceMPerN' => $set->complianceMPerN(),
            'source' => match (true) {
                $hardware->complianceMPerN === null => 'assumed',
                $hardware->complianceIsMeasured => 'measured',
                default => 'given',
            },
            'standardErrorMPerN' => null,
            'counted' => 0,
        ];
        if ($root->has('compliance_um_per_n')) {
            $given = $root->numberWithin('compliance_um_per_n', 'how far it gives, in micrometres per newton,', 0.0, 1000.0);

            return $given === null ? $assumed : ['complianceMPerN' => $given * 1e-6, 'source' => 'given'] + $assumed;
        }
        $observations = $root->has('observations') ? self::observations($root, $set, $problems) : [];

        return $observations === [] ? $assumed : ['source' => 'measured', 'counted' => count($observations)] + Observed::together($observations);
    }

    /** @return list<Observed> those that count */
    private static function observations(Node $root, AskedSet $set, Problems $problems): array
    {
        $observations = [];
        foreach ($root->objects('observations', 'what was observed') ?? [] as $node) {
            $turned = self::moved($node, $set, $problems);
            $others = [];
            foreach ($node->objects('others', 'what the others did') ?? [] as $other) {
                $moved = self::moved($other, $set, $problems);
                if ($moved !== null && $moved['stiffnessNPerM'] > 0.0) {
                    $others[] = $moved;
                }
                $other->reportUnknownKeys();
            }
            $node->reportUnknownKeys();
            if ($turned !== null && $others !== [] && abs($turned['cents']) >= self::LEAST_MOVED_CENTS) {
                $observations[] = new Observed($turned['changeN'], $turned['stiffnessNPerM'], $others);
            }
        }

        return $observations;
    }

    /** @return array{stiffnessNPerM: float, changeN: float, tensionN: float, cents: float}|null */
    private static function moved(Node $node, AskedSet $set, Problems $problems): ?array
    {
        $string = $set->string($node, $problems);
        $from = $node->numberWithin('from_cents', 'where it was, in cents,', -self::MOST_CENTS, self::MOST_CENTS);
        $to = $node->numberWithin('to_cents', 'where it went, in cents,', -self::MOST_CENTS, self::MOST_CENTS);
        if ($string === null || $from === null || $to === null) {
            return null;
        }
        $before = $set->tensionN($string, $from);

        return [
            'stiffnessNPerM' => $set->stiffnessNPerM($string),
            'changeN' => $set->tensionN($string, $to) - $before,
            'tensionN' => $before,
            'cents' => $to - $from,
        ];
    }
}
