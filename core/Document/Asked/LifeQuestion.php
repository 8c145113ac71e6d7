<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Life\Life;
use Lira\Life\Together;

/** How long strings of a kind last, learned from those that were (`lira-life`, version 2). */
final readonly class LifeQuestion implements Question
{
    private const MOST_H = 100_000.0;

    private const QUANTILES = ['p10' => 0.1, 'p20' => 0.2, 'p50' => 0.5, 'p90' => 0.9];

    private function __construct(private Life $life) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $usual = $root->numberWithin('prior_median_h', 'how long half of them usually last, in hours,', 0.1, self::MOST_H);
        $groups = [];
        foreach ($root->has('groups') ? $root->objects('groups', 'the strings that were on one instrument together') ?? [] : [] as $node) {
            $groups[] = Together::of(
                self::hours($node, 'ended_h', 'the hours of those that ended', $problems),
                self::hours($node, 'running_h', 'the hours so far of those still on', $problems),
            );
            $node->reportUnknownKeys();
        }
        foreach (['ended_h', 'running_h'] as $key) {
            if ($root->has($key)) {
                $problems->add("/{$key}", 'Say it of the strings that were on one instrument together: "groups": [{"ended_h": [39.5], "running_h": [40.1]}].');
            }
        }

        return $usual === null || $problems->any() ? null : new self(Life::of($usual, $groups));
    }

    /** @return LifeAnswerJson */
    public function answer(): array
    {
        $median = $this->life->medianH();

        return [
            'format' => 'lira-life',
            'version' => 2,
            'life_h' => array_map($this->life->quantileH(...), self::QUANTILES),
            'median_h' => ['low' => $median->low, 'estimate' => $median->estimate, 'high' => $median->high],
            'shape' => $this->life->shape(),
            'counts_as' => $this->life->countsAs,
            'learned_from' => $this->life->learnedFrom,
            'changes' => $this->life->changes,
        ];
    }

    /**
     * @param  non-empty-string  $what
     * @return list<float>
     */
    private static function hours(Node $node, string $key, string $what, Problems $problems): array
    {
        $hours = $node->has($key) ? $node->numbers($key, $what) ?? [] : [];
        foreach ($hours as $index => $each) {
            if ($each < 0.0 || $each > self::MOST_H) {
                $problems->add($node->pathOf($key)."/{$index}", sprintf('Give hours played, 0 to %d.', self::MOST_H));
            }
        }

        return $hours;
    }
}
