<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Evaluation\EvaluatedString;
use Lira\Practice\SimulatedInstrument;

/** What is read of an instrument that is not there, after all that was done to it (`lira-practice`, version 1). */
final readonly class PracticeQuestion implements Question
{
    private const MOST_ACTIONS = 2000;

    private function __construct(private AskedSet $set, private SimulatedInstrument $instrument, private bool $reveals) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $set = AskedSet::read($root, $json, $problems);
        $seed = $root->has('seed') ? $root->integer('seed', 'the seed') : 1;
        $reveals = $root->has('reveal') && $root->boolean('reveal', 'whether what it keeps to itself is told') === true;
        $nodes = $root->has('actions') ? $root->objects('actions', 'what was done') ?? [] : [];
        if (count($nodes) > self::MOST_ACTIONS) {
            $problems->add('/actions', sprintf('Do at most %d things. Begin anew.', self::MOST_ACTIONS));
        }
        if ($set === null || $seed === null || $problems->any()) {
            return null;
        }
        $simulated = new SimulatedInstrument($set->document->design->instrument, $set->strings, $set->tuning, $seed);
        foreach ($nodes as $node) {
            self::act($simulated, $node, $set, $problems);
            $node->reportUnknownKeys();
        }

        return $problems->any() ? null : new self($set, $simulated, $reveals);
    }

    /** @return PracticeJson */
    public function answer(): array
    {
        $hidden = $this->instrument->hidden();

        return [
            'format' => 'lira-practice',
            'version' => 1,
            'strings' => array_map(function (EvaluatedString $string): array {
                $cents = $this->instrument->read($string->position);

                return [
                    'position' => $string->position,
                    'cents' => $cents,
                    'hz' => $this->set->at($string)->frequencyHz * 2 ** ($cents / 1200),
                    'stopped_error_cents' => $this->instrument->stoppedErrorCents($string->position),
                ];
            }, $this->set->strings),
            'hidden' => $this->reveals ? [
                'compliance_um_per_n' => 1e6 * $hidden['complianceMPerN'],
                'strings' => array_map(static fn (array $string, int $index): array => [
                    'position' => $index + 1,
                    'ratio' => $string['ratio'],
                    'first_drift_cents' => $string['firstDriftCents'],
                    'creep_factor' => $string['creepFactor'],
                    'setback_mm' => 1000 * $string['setbackM'],
                ], $hidden['strings'], array_keys($hidden['strings'])),
            ] : null,
        ];
    }

    private static function act(SimulatedInstrument $simulated, Node $node, AskedSet $set, Problems $problems): void
    {
        $do = $node->text('do', 'what was done');
        $position = in_array($do, ['turn', 'tune', 'saddle'], true) ? $set->string($node, $problems)?->position : null;
        match (true) {
            $do === 'turn' && $position !== null => $simulated->turn($position, $node->numberWithin('turns', 'the turns of the knob', -100.0, 100.0) ?? 0.0),
            $do === 'tune' && $position !== null => $simulated->tuneTo($position, $node->numberWithin('cents', 'where it is brought, in cents,', -3000.0, 1200.0) ?? 0.0),
            $do === 'saddle' && $position !== null => $simulated->moveSaddle($position, ($node->numberWithin('mm', 'how far the saddle is moved in mm', -40.0, 40.0) ?? 0.0) / 1000),
            $do === 'pull' => $simulated->pull(),
            $do === 'wait' => $simulated->wait($node->numberWithin('seconds', 'how long it is left alone in seconds', 0.0, 1e8) ?? 0.0),
            $do === null || $position === null && in_array($do, ['turn', 'tune', 'saddle'], true) => null,
            default => $problems->add($node->pathOf('do'), 'Use one of: turn, tune, saddle, pull, wait.'),
        };
    }
}
