<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Relief\Relief;

/** How relief will follow the pull of the strings (`lira-relief`, version 1). */
final readonly class ReliefQuestion implements Question
{
    private function __construct(private Relief $relief, private ?float $nextN, private int $learnedFrom) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): self
    {
        $pairs = [];
        $nodes = $root->objects('pairs', 'what was recorded before and after') ?? [];
        foreach ($nodes as $node) {
            $change = $node->numberWithin('tension_change_n', 'the change of the strings’ pull in N', -5000.0, 5000.0);
            $relief = $node->numberWithin('relief_change_mm', 'the change of relief in mm', -10.0, 10.0);
            if ($change !== null && $relief !== null) {
                $pairs[] = ['changeN' => $change, 'reliefM' => $relief / 1000];
            }
            $node->reportUnknownKeys();
        }
        $next = $root->has('next_change_n') ? $root->numberWithin('next_change_n', 'the next change in N', -5000.0, 5000.0) : null;

        return new self(Relief::learned($pairs), $next, count($pairs));
    }

    public function answer(): array
    {
        $mm = static fn (float $metres): float => 1000 * $metres;

        return [
            'format' => 'lira-relief',
            'version' => 1,
            'mm_per_n' => 1000 * $this->relief->mPerN,
            'forecast_mm' => $this->nextN === null ? null : array_map($mm, $this->relief->forecastM($this->nextN)),
            'learned_from' => $this->learnedFrom,
        ];
    }
}
