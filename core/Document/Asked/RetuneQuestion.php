<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Coupling\Coupled;
use Lira\Coupling\Foretold;
use Lira\Coupling\Gives;
use Lira\Coupling\HungString;
use Lira\Coupling\Round;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Evaluation\EvaluatedString;
use Lira\Settling\Settling;

/**
 * From where the strings stand now to their tuning: where to leave each when its turn comes, what the pass may leave, and how many it
 * takes (`lira-retuning`, version 1).
 */
final readonly class RetuneQuestion implements Question
{
    private const CEILING_CENTS = 100.0;

    private const MOST_CENTS = 6000.0;

    private const MOST_ROUNDS = 40;

    /**
     * @param  list<HungString>  $strings
     * @param  list<int>  $order
     */
    private function __construct(
        private AskedSet $set,
        private array $strings,
        private array $order,
        private Gives $gives,
        private WhatWasRead $read,
        private bool $hasCeiling,
        private float $toleranceCents,
    ) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $ceiling = match (true) {
            property_exists($json, 'ceiling_cents') && $json->ceiling_cents === null => null,
            $root->has('ceiling_cents') => $root->numberWithin('ceiling_cents', 'the ceiling in cents', 0.0, 1200.0),
            default => self::CEILING_CENTS,
        };
        $root->knows('ceiling_cents');
        $tolerance = $root->has('tolerance_cents')
            ? $root->numberWithin('tolerance_cents', 'how near its pitch a string is left as it is, in cents,', 0.1, 100.0)
            : Settling::TOLERANCE_CENTS;
        $present = $set === null ? null : self::standing($root, 'present_cents', $set, $problems);
        if ($set === null || $present === null || $tolerance === null) {
            return null;
        }
        $order = self::order($root, count($set->strings), $problems);
        $read = WhatWasRead::of($root, $set, $problems);
        $gives = self::gives($root, $set, $read);

        return $problems->any() ? null : new self(
            $set,
            array_map(static fn (EvaluatedString $string, ?float $cents): HungString => $set->hung($string, $cents, $ceiling), $set->strings, $present),
            $order,
            $gives,
            $read,
            $ceiling !== null,
            $tolerance,
        );
    }

    /** @return RetuningJson */
    public function answer(): array
    {
        $coupled = new Coupled($this->strings, $this->order, $this->gives->complianceMPerN);
        $share = $this->hasCeiling ? $coupled->share() : 1.0;
        $first = $coupled->part($share);
        $wound = $first->windM();
        $round = new Round($this->strings, $this->order, $this->gives->complianceMPerN, $this->toleranceCents, $this->centsAt(...));
        $foretold = Foretold::of($coupled, $this->gives->mayBe, $this->hasCeiling, $this->toleranceCents, $this->centsAt(...));
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
        $error = $this->gives->standardErrorMPerN;

        return [
            'format' => 'lira-retuning',
            'version' => 1,
            'compliance_um_per_n' => 1e6 * $this->gives->complianceMPerN,
            'source' => $this->gives->source,
            'standard_error_um_per_n' => $error === null ? null : 1e6 * $error,
            'observations_counted' => $this->read->counted,
            'learned' => $this->read->counted > 0 && Round::isLearned($this->gives->complianceMPerN, $error),
            'dropped' => $this->read->didWorse,
            'landed' => $round->hasLanded(),
            'may_stay' => $round->mayStay(),
            'share' => $share,
            'stuck' => $this->hasCeiling && $coupled->isStuck(),
            'passes' => $foretold->passes,
            'passes_most' => $foretold->passesMost,
            'left' => array_map(
                static fn (int $position, array $cents): array => ['position' => $position, ...$cents],
                array_keys($foretold->leftCents),
                array_values($foretold->leftCents),
            ),
            'steps' => $steps,
            'without' => $this->standingAt($coupled->withoutN()),
            'without_rounds' => $this->withoutRounds($coupled),
            'after' => $this->standingAt($first->afterN()),
        ];
    }

    /** How often one would go round, bringing each string to its pitch in turn, until all stand within the tolerance. */
    private function withoutRounds(Coupled $coupled): int
    {
        $rounds = 0;
        do {
            $after = $coupled->withoutN();
            $coupled = $coupled->standing($after);
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
            : $woundM / (M_PI * $posts->diameterM) * $posts->gearRatio;
    }

    /**
     * @param  array<int, ?float>  $tensionsN  by position
     * @return list<array{position: int, cents: float}> by position
     */
    private function standingAt(array $tensionsN): array
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
    public static function order(Node $root, int $count, Problems $problems): array
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
                $problems->add($root->pathOf('order')."/{$index}", $problem);
            }
            $order[] = (int) $position;
        }

        return $order;
    }

    /** What is said comes first, then what was read now, then what is kept with the instrument, else what is usual. */
    private static function gives(Node $root, AskedSet $set, WhatWasRead $read): Gives
    {
        $hardware = $set->document->design->instrument->hardware;
        $stiffnesses = $set->stiffnesses();
        $given = $root->has('compliance_um_per_n')
            ? $root->numberWithin('compliance_um_per_n', 'how far it gives, in micrometres per newton,', 0.0, 1000.0) : null;

        return match (true) {
            $given !== null => Gives::given($given * 1e-6, $stiffnesses),
            $read->learned !== null => Gives::learned($read->learned),
            $hardware->complianceMPerN === null || $read->didWorse => Gives::assumed($set->usualMPerN(), $stiffnesses),
            $hardware->complianceIsMeasured => Gives::kept($hardware->complianceMPerN, $hardware->complianceErrorMPerN, $stiffnesses),
            default => Gives::given($hardware->complianceMPerN, $stiffnesses),
        };
    }

    /**
     * One entry for each string, cents from its pitch.
     *
     * @return list<?float>|null null where a problem was added
     */
    public static function standing(Node $node, string $key, AskedSet $set, Problems $problems): ?array
    {
        $cents = $node->numbersOrNull($key, 'how far each string is from its pitch, in cents');
        if ($cents === null) {
            return null;
        }
        $count = count($set->strings);
        if (count($cents) !== $count) {
            $problems->add($node->pathOf($key), sprintf('Give one entry for each of %d strings, string 1 first; there are %d.', $count, count($cents)));

            return null;
        }
        foreach ($cents as $index => $each) {
            if ($each !== null && abs($each) > self::MOST_CENTS) {
                $problems->add($node->pathOf($key)."/{$index}", 'That is more than five octaves away. Give cents, or null where the string is slack.');
            }
        }

        return $cents;
    }
}
