<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Coupling\Coupled;
use Lira\Coupling\Ends;
use Lira\Coupling\HungString;
use Lira\Coupling\Learned;
use Lira\Coupling\Observation;
use Lira\Coupling\OneTurned;
use Lira\Coupling\PassRead;
use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Evaluation\EvaluatedString;

/** What was read of strings as their tuners were turned, one of them or a whole pass, and what it teaches. */
final readonly class WhatWasRead
{
    /** An observation counts from here on. */
    private const LEAST_MOVED_CENTS = 50.0;

    private const MOST_CENTS = 6000.0;

    private const HEARD_SD_CENTS = 0.5;

    /** Passes that leave as much as each other, within so much, did as well. */
    private const ALIKE_CENTS = 1.0;

    /**
     * @param  ?Learned  $learned  null where nothing that counts was read
     * @param  bool  $didWorse  whether a pass that was planned by what was learned before left more than one by what is usual would have
     */
    private function __construct(public ?Learned $learned, public int $counted, public bool $didWorse) {}

    public static function of(Node $root, AskedSet $set, Problems $problems): self
    {
        $sd = $root->has('reading_sd_cents')
            ? $root->numberWithin('reading_sd_cents', 'the spread of a reading in cents', 0.01, 50.0) ?? self::HEARD_SD_CENTS
            : self::HEARD_SD_CENTS;
        $observations = $root->has('observations') ? self::turns($root, $set, $problems) : [];
        $didWorse = false;
        foreach ($root->has('rounds') ? $root->objects('rounds', 'the rounds that were read') ?? [] : [] as $node) {
            $round = self::round($node, $set, $problems);
            $node->reportUnknownKeys();
            if ($round === null) {
                continue;
            }
            $didWorse = self::wasMisled($round, $set);
            if ($didWorse) {
                // What led it there is forgotten; what it showed itself is not.
                $observations = [];
            }
            $observations[] = $round['read'];
        }

        return new self(
            $problems->any() || $observations === [] ? null : Learned::from($observations, $set->stiffnesses(), $sd),
            count($observations),
            $didWorse,
        );
    }

    /** @return list<Observation> those that count */
    private static function turns(Node $root, AskedSet $set, Problems $problems): array
    {
        $observations = [];
        foreach ($root->objects('observations', 'what was observed') ?? [] as $node) {
            $turned = self::moved($node, $set, $problems);
            $others = [];
            foreach ($node->objects('others', 'what the others did') ?? [] as $other) {
                $moved = self::moved($other, $set, $problems);
                if ($moved !== null && $moved['stiffnessNPerM'] > 0.0) {
                    $others[$moved['position']] = ['changeN' => $moved['changeN'], 'tensionN' => $moved['tensionN']];
                }
                $other->reportUnknownKeys();
            }
            $node->reportUnknownKeys();
            if ($turned !== null && $others !== [] && abs($turned['cents']) >= self::LEAST_MOVED_CENTS) {
                $observations[] = new OneTurned($turned['position'], $turned['changeN'], $others);
            }
        }

        return $observations;
    }

    /** @return array{position: int, stiffnessNPerM: float, changeN: float, tensionN: float, cents: float}|null */
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
            'position' => $string->position,
            'stiffnessNPerM' => $set->stiffnessNPerM($string),
            'changeN' => $set->tensionN($string, $to) - $before,
            'tensionN' => $before,
            'cents' => $to - $from,
        ];
    }

    /**
     * A pass as it was read: where all stood, what each was brought to in its turn, where all stood then.
     *
     * @return array{read: PassRead, strings: list<HungString>, order: list<int>, afterCents: list<?float>, plannedMPerN: ?float}|null
     *     null where it does not count
     */
    private static function round(Node $node, AskedSet $set, Problems $problems): ?array
    {
        $start = RetuneQuestion::standing($node, 'start_cents', $set, $problems);
        $after = RetuneQuestion::standing($node, 'after_cents', $set, $problems);
        $planned = $node->has('planned_um_per_n')
            ? $node->numberWithin('planned_um_per_n', 'by what it was planned, in micrometres per newton,', 0.0, 1000.0) : null;
        [$brought, $order, $most] = [[], [], 0.0];
        foreach ($node->objects('brought', 'what each string was brought to') ?? [] as $each) {
            $string = $set->string($each, $problems);
            $cents = $each->numberWithin('cents', 'what it was brought to, in cents,', -self::MOST_CENTS, self::MOST_CENTS);
            $each->reportUnknownKeys();
            if ($string === null || $cents === null) {
                continue;
            }
            if (isset($brought[$string->position])) {
                $problems->add($each->pathOf('position'), 'This string stands in the round already. Say once what it was brought to.');
            }
            $brought[$string->position] = $set->tensionN($string, $cents);
            $order[] = $string->position;
            $most = max($most, abs($cents - ($start[$string->position - 1] ?? -INF)));
        }
        if ($start === null || $after === null || $problems->any() || $most < self::LEAST_MOVED_CENTS) {
            return null;
        }
        $strings = array_map(static fn (EvaluatedString $string, ?float $cents): HungString => $set->hung($string, $cents, null), $set->strings, $start);
        $afterN = [];
        foreach ($set->strings as $index => $string) {
            if ($after[$index] !== null && ($start[$index] !== null || isset($brought[$string->position]))) {
                $afterN[$string->position] = $set->tensionN($string, $after[$index]);
            }
        }

        return $afterN === [] || array_sum($set->stiffnesses()->takenNPerM) <= 0.0 ? null : [
            'read' => new PassRead($strings, $order, $brought, $afterN),
            'strings' => $strings,
            'order' => $order,
            'afterCents' => $after,
            'plannedMPerN' => $planned === null ? null : $planned * 1e-6,
        ];
    }

    /**
     * Whether a pass left more than it would have, had it been planned by what is usual: judged on the instrument that it showed.
     *
     * @param  array{read: PassRead, strings: list<HungString>, order: list<int>, afterCents: list<?float>, plannedMPerN: ?float}  $round
     */
    private static function wasMisled(array $round, AskedSet $set): bool
    {
        $usualMPerN = $set->usualMPerN();
        if ($round['plannedMPerN'] === null || abs($round['plannedMPerN'] - $usualMPerN) <= 1e-6 * $usualMPerN) {
            return false;
        }
        $stiffness = $set->stiffnesses()->takenNPerM;
        $planned = new Coupled($round['strings'], $round['order'], $usualMPerN);
        $real = $planned->on(new Ends($round['read']->complianceMPerN($stiffness), $stiffness));
        $wouldBe = $real->broughtN($planned->leaveN());
        [$left, $wouldHaveLeft] = [0.0, 0.0];
        foreach ($round['order'] as $position) {
            $left = max($left, abs((float) $round['afterCents'][$position - 1]));
            $wouldHaveLeft = max($wouldHaveLeft, abs($set->cents($set->strings[$position - 1], max(1e-9, (float) $wouldBe[$position]))));
        }

        return $left > $wouldHaveLeft + self::ALIKE_CENTS;
    }
}
