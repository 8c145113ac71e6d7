<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Relief\Action;
use Lira\Relief\Following;
use Lira\Relief\Relief;

/** How relief and action will follow the pull of the strings (`lira-relief`, version 1). */
final readonly class ReliefQuestion implements Question
{
    /**
     * @param  list<array{changeN: float, byM: float}>  $relief  recorded before and after
     * @param  list<array{changeN: float, byM: float}>  $action  the same, of the action at the 12th fret
     */
    private function __construct(private array $relief, private array $action, private ?float $nextN) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): self
    {
        [$relief, $action] = [[], []];
        $nodes = $root->objects('pairs', 'what was recorded before and after') ?? [];
        foreach ($nodes as $node) {
            $change = $node->numberWithin('tension_change_n', 'the change of the strings’ pull in N', -5000.0, 5000.0);
            $higher = $node->has('action_change_mm') ? $node->numberWithin('action_change_mm', 'the change of action in mm', -20.0, 20.0) : null;
            // Of action alone there may be a pair, too.
            $hollow = $node->has('relief_change_mm') || $higher === null
                ? $node->numberWithin('relief_change_mm', 'the change of relief in mm', -10.0, 10.0) : null;
            if ($change !== null && $hollow !== null) {
                $relief[] = ['changeN' => $change, 'byM' => $hollow / 1000];
            }
            if ($change !== null && $higher !== null) {
                $action[] = ['changeN' => $change, 'byM' => $higher / 1000];
            }
            $node->reportUnknownKeys();
        }
        $next = $root->has('next_change_n') ? $root->numberWithin('next_change_n', 'the next change in N', -5000.0, 5000.0) : null;

        return new self($relief, $action, $next);
    }

    /** @return ReliefAnswerJson */
    public function answer(): array
    {
        $relief = Relief::learned($this->relief);
        $action = Action::learned($this->action);

        return [
            'format' => 'lira-relief',
            'version' => 1,
            'mm_per_n' => 1000 * $relief->mPerN,
            'forecast_mm' => $this->forecastMm($relief),
            'learned_from' => count($this->relief),
            'action' => [
                'mm_per_n' => 1000 * $action->mPerN,
                'forecast_mm' => $this->forecastMm($action),
                'learned_from' => count($this->action),
            ],
        ];
    }

    /** @return ReliefForecastJson|null */
    private function forecastMm(Following $height): ?array
    {
        return $this->nextN === null ? null : array_map(static fn (float $metres): float => 1000 * $metres, $height->forecastM($this->nextN));
    }
}
