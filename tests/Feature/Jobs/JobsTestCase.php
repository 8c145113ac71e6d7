<?php

declare(strict_types=1);

namespace Tests\Feature\Jobs;

use App\Models\Job;
use App\Models\JobEvent;
use App\Models\Lot;
use App\Models\StringSet;
use App\Models\TypeColumns;
use App\Strings\Drawer\Drawer;
use Illuminate\Testing\TestResponse;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Job\Progress;
use Tests\Feature\FeatureTestCase;

/** Jobs over HTTP, as the pages ask for them. */
abstract class JobsTestCase extends FeatureTestCase
{
    private int $events = 0;

    /** @param  array<string, mixed>  $said */
    protected function begun(StringSet $set, array $said = []): Job
    {
        $answer = $this->postJson('/jobs', $said + [
            'set' => $set->id, 'present' => "set:{$set->id}", 'reason' => 'dull', 'schools' => new \stdClass,
        ])->assertCreated();

        return Job::query()->whereKey($answer->json('id'))->sole();
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    protected function event(string $kind, array $data = [], string $at = 'now'): array
    {
        return [
            'id' => sprintf('00000000-0000-4000-8000-%012d', ++$this->events), 'device' => 'bench tablet',
            'kind' => $kind, 'data' => $data, 'at' => now()->modify($at)->toIso8601String(),
        ];
    }

    /**
     * @param  array<string, mixed>  ...$events
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function record(Job $job, array ...$events): TestResponse
    {
        return $this->postJson("/jobs/{$job->id}/events", ['events' => array_values($events), 'now' => now()->toIso8601String()]);
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return list<string> the keys of the steps that are left, in their order
     */
    protected static function left(TestResponse $answer): array
    {
        $order = $answer->json('state.order');
        $keys = array_values(array_filter(array_column(is_array($order) ? $order : [], 0), is_string(...)));

        return array_values(array_diff($keys, self::progress(Job::query()->whereKey($answer->json('state.job.id'))->sole())->doneKeys()));
    }

    protected static function progress(Job $job): Progress
    {
        return Progress::of(JobEvent::log($job->events()->orderBy('id')->get()), SetDocument::from($job->document)->plan()->rounds());
    }

    /** Does everything that is left, step by step. */
    protected function doAll(Job $job): void
    {
        $left = self::left($this->getJson("/jobs/{$job->id}/news")->assertOk());
        $this->record($job, ...array_map(fn (string $key): array => $this->event('did', ['key' => $key]), $left))->assertOk();
    }

    /**
     * So many of every string of a set, each a lot of its own.
     *
     * @return non-empty-list<Lot> string 1 first
     */
    protected static function stocked(StringSet $set, int $each): array
    {
        $lots = [];
        foreach ($set->strings as $string) {
            $lots[] = app(Drawer::class)->put(
                ['list_string_id' => null, 'name' => "Gull {$string->position}", ...TypeColumns::of($string->type()), 'end' => 'ball'], $each, 90, '',
            );
        }

        return $lots === [] ? throw new \LogicException('A set has strings') : $lots;
    }

    protected static function textOf(\stdClass $json): string
    {
        return Json::text($json);
    }
}
