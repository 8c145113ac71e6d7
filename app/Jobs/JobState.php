<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Jobs\Views\JobPartsView;
use Lira\Document\PlanWriter;
use Lira\Wording\Units;
use Swaggest\JsonDiff\JsonDiff;

/**
 * What a device knows of a job, in parts that change by themselves: the job, its plan without steps, these by their keys, and their order
 * with what pulls after each. So that one more step that is done sends a few lines, not all of it.
 */
final readonly class JobState
{
    private function __construct(public JobPartsView $parts) {}

    public static function of(JobFile $file, JobViews $views, Units $units): self
    {
        $plan = PlanWriter::toArray($file->plan, [], $units);
        [$steps, $order] = [[], []];
        foreach (is_array($plan['steps'] ?? null) ? $plan['steps'] : [] as $step) {
            if (is_array($step) && is_string($step['key'] ?? null)) {
                $steps[$step['key']] = array_diff_key($step, ['number' => 0, 'pull_after_n' => 0]);
                $pullN = $step['pull_after_n'] ?? 0.0;
                $order[] = [$step['key'], is_float($pullN) ? $pullN : 0.0];
            }
        }
        unset($plan['steps']);

        return new self(new JobPartsView($views->job($file), $plan, (object) $steps, $order, $file->whole->rounds()));
    }

    /** @return list<\stdClass> how it came to be from another one: a JSON Patch, RFC 6902 */
    public function since(self $before): array
    {
        $patch = (new JsonDiff($before->tree(), $this->tree(), JsonDiff::SKIP_JSON_MERGE_PATCH))->getPatch()->jsonSerialize();
        $changes = json_decode(json_encode($patch, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), flags: JSON_THROW_ON_ERROR);

        return array_values(array_filter(
            is_array($changes) ? $changes : [],
            static fn (mixed $change): bool => $change instanceof \stdClass && $change->op !== 'test',
        ));
    }

    private function tree(): mixed
    {
        return json_decode(json_encode($this->parts, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), flags: JSON_THROW_ON_ERROR);
    }
}
