<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Jobs\Views\HeightView;
use App\Models\Job;
use App\Models\JobStatus;
use Lira\Relief\Action;
use Lira\Relief\Following;
use Lira\Relief\Relief;

/** How an instrument's relief and action will follow its next strings, learned from its finished jobs that have them before and after. */
final readonly class HeightForecasts
{
    private const JOBS = 20;

    /** @param  float  $changeN  of what all strings pull */
    public function relief(Job $job, float $changeN): HeightView
    {
        $pairs = self::pairs($job, 'relief');

        return self::view(Relief::learned($pairs), $pairs, $changeN);
    }

    /** At the 12th fret. @param  float  $changeN  of what all strings pull */
    public function action(Job $job, float $changeN): HeightView
    {
        $pairs = self::pairs($job, 'action');

        return self::view(Action::learned($pairs), $pairs, $changeN);
    }

    /** @param  list<array{changeN: float, byM: float}>  $pairs */
    private static function view(Following $height, array $pairs, float $changeN): HeightView
    {
        $forecast = $height->forecastM($changeN);

        return new HeightView(1000 * $forecast['low'], 1000 * $forecast['estimate'], 1000 * $forecast['high'], count($pairs));
    }

    /**
     * @param  'relief'|'action'  $figure
     * @return list<array{changeN: float, byM: float}>
     */
    private static function pairs(Job $job, string $figure): array
    {
        $pairs = [];
        $others = Job::query()->where('instrument_id', $job->instrument_id)->where('status', JobStatus::Finished)->whereKeyNot($job->id)
            ->latest('finished_at')->limit(self::JOBS)->get(['id', 'standing']);
        foreach ($others as $other) {
            $told = $other->standing[$figure] ?? null;
            if ($told !== null) {
                $pairs[] = ['changeN' => $told['change_n'], 'byM' => $told['by_mm'] / 1000];
            }
        }

        return $pairs;
    }
}
