<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Settling\Settling;

/** How far new strings are from holding (`lira-settling`, version 1). */
final readonly class SettleQuestion implements Question
{
    private const MOST_CENTS = 3000.0;

    private const MOST_S = 1e8;

    /** @param  list<array{position: int, settling: Settling}>  $strings */
    private function __construct(private array $strings) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $tolerance = $root->has('tolerance_cents') ? $root->numberWithin('tolerance_cents', 'the tolerance in cents', 0.1, 100.0) : Settling::TOLERANCE_CENTS;
        $nodes = $root->objects('strings', 'the strings with what was read of them') ?? [];
        if ($set === null || $tolerance === null) {
            return null;
        }
        $strings = [];
        foreach ($nodes as $node) {
            $string = $set->string($node, $problems);
            $drifts = $node->has('drifts_cents') ? $node->numbers('drifts_cents', 'the drifts in cents') : [];
            foreach ($drifts ?? [] as $index => $cents) {
                if (abs($cents) > self::MOST_CENTS) {
                    $problems->add($node->pathOf('drifts_cents')."/{$index}", 'No string drifts so far. Give cents, flat negative.');
                }
            }
            $readings = [];
            foreach ($node->has('readings') ? $node->objects('readings', 'the readings') ?? [] : [] as $reading) {
                $tuned = $reading->numberWithin('tuned_s', 'when it was tuned, in seconds since it was brought to pitch,', 0.0, self::MOST_S);
                $read = $reading->numberWithin('read_s', 'when it was read, in seconds since it was brought to pitch,', 0.0, self::MOST_S);
                $cents = $reading->numberWithin('cents', 'what was read, in cents,', -self::MOST_CENTS, self::MOST_CENTS);
                if ($tuned !== null && $read !== null && $read < $tuned) {
                    $problems->add($reading->pathOf('read_s'), 'It was read before it was tuned. Give both in seconds since it was brought to pitch.');
                }
                if ($tuned !== null && $read !== null && $cents !== null) {
                    $readings[] = ['tunedS' => $tuned, 'readS' => $read, 'cents' => $cents];
                }
                $reading->reportUnknownKeys();
            }
            $node->reportUnknownKeys();
            if ($string !== null && $drifts !== null) {
                $strings[] = [
                    'position' => $string->position,
                    'settling' => Settling::of($string->string, $set->at($string)->tensionN, $drifts, $readings, $tolerance),
                ];
            }
        }

        return new self($strings);
    }

    /** @return SettlingAnswerJson */
    public function answer(): array
    {
        return [
            'format' => 'lira-settling',
            'version' => 1,
            'strings' => array_map(static fn (array $string): array => [
                'position' => $string['position'],
                'ratio' => $string['settling']->ratio,
                'rounds_left' => $string['settling']->roundsLeft,
                'rounds_most' => $string['settling']->roundsMost,
                'next_drift_cents' => $string['settling']->nextDriftCents,
                'cents_per_decade' => $string['settling']->centsPerDecade,
                'creep_holds_after_s' => $string['settling']->creepHoldsAfterS,
                'holds_after_s' => $string['settling']->holdsAfterS,
            ], $this->strings),
        ];
    }
}
