<?php

declare(strict_types=1);

namespace Lira\Document\Asked;

use Lira\Document\Node;
use Lira\Document\Problems;
use Lira\Life\Life;

/** How long strings of a kind last, learned from those that were (`lira-life`, version 1). */
final readonly class LifeQuestion implements Question
{
    private const MOST_H = 100_000.0;

    private function __construct(private Life $life) {}

    public static function read(Node $root, \stdClass $json, Problems $problems): ?self
    {
        $usual = $root->numberWithin('prior_median_h', 'how long half of them usually last, in hours,', 0.1, self::MOST_H);
        $ended = self::hours($root, 'ended_h', 'the hours of those that ended', $problems);
        $running = self::hours($root, 'running_h', 'the hours so far of those still on', $problems);

        return $usual === null ? null : new self(Life::of($usual, $ended, $running));
    }

    public function answer(): array
    {
        return [
            'format' => 'lira-life',
            'version' => 1,
            'median_h' => $this->life->medianH(),
            'low_h' => $this->life->lowH(),
            'high_h' => $this->life->highH(),
            'learned_from' => $this->life->learnedFrom,
        ];
    }

    /**
     * @param  non-empty-string  $what
     * @return list<float>
     */
    private static function hours(Node $root, string $key, string $what, Problems $problems): array
    {
        $hours = $root->has($key) ? $root->numbers($key, $what) ?? [] : [];
        foreach ($hours as $index => $each) {
            if ($each < 0.0 || $each > self::MOST_H) {
                $problems->add("/{$key}/{$index}", sprintf('Give hours played, 0 to %d.', self::MOST_H));
            }
        }

        return $hours;
    }
}
