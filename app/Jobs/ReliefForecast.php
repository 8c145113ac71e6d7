<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Jobs\Views\ReliefView;
use App\Models\Job;
use App\Models\JobStatus;
use Lira\Relief\Relief;

/** How an instrument's relief will follow its next strings, learned from its finished jobs that have it before and after. */
final readonly class ReliefForecast
{
    private const JOBS = 20;

    /** @param  float  $changeN  of what all strings pull */
    public function of(Job $job, float $changeN): ReliefView
    {
        $pairs = [];
        $others = Job::query()->where('instrument_id', $job->instrument_id)->where('status', JobStatus::Finished)->whereKeyNot($job->id)
            ->latest('finished_at')->limit(self::JOBS)->get(['id', 'standing']);
        foreach ($others as $other) {
            $told = $other->standing['relief'] ?? null;
            if ($told !== null) {
                $pairs[] = ['changeN' => $told['change_n'], 'reliefM' => $told['relief_mm'] / 1000];
            }
        }
        $forecast = Relief::learned($pairs)->forecastM($changeN);

        return new ReliefView(1000 * $forecast['low'], 1000 * $forecast['estimate'], 1000 * $forecast['high'], count($pairs));
    }
}
