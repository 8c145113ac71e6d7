<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\JobEvent;
use App\Models\JobStatus;
use App\Models\WorkshopSettings;
use Lira\Document\SetDocument;
use Lira\Fit\Post;
use Lira\Fitting\School\Leave;
use Lira\Job\Event\Turned;
use Lira\Job\Progress;

/** How thick this workshop's fingers are, by the turns that strings gave which were left so many fingers. */
final class Fingers
{
    /** Never from a single case. */
    private const LEAST = 3;

    private const JOBS = 10;

    /** @return ?float how thick a finger is here, millimetres: as it was said, else as it was learned; null where neither is known */
    public function mm(): ?float
    {
        return WorkshopSettings::here()->finger_mm ?? $this->learned()['mm'] ?? null;
    }

    /** @return array{mm: float, strings: int}|null null until it is known from enough of them */
    public function learned(): ?array
    {
        $of = JobEvent::query()->where('kind', Turned::kind())->select('job_id');
        $thick = [];
        foreach (Job::query()->where('status', JobStatus::Finished)->whereIn('id', $of)->latest('id')->limit(self::JOBS)->get() as $job) {
            array_push($thick, ...$this->in($job));
        }
        if (count($thick) < self::LEAST) {
            return null;
        }
        sort($thick);
        $middle = intdiv(count($thick), 2);
        $median = count($thick) % 2 === 1 ? $thick[$middle] : ($thick[$middle - 1] + $thick[$middle]) / 2;

        return ['mm' => round(1000 * $median), 'strings' => count($thick)];
    }

    /** @return list<float> what each string of a job that was left in fingers says, metres */
    private function in(Job $job): array
    {
        $progress = Progress::of(JobEvent::log($job->events()->orderBy('id')->get()), []);
        $schools = $progress->schools() + SchoolsKept::asked($job->document);
        $turned = $progress->turned();
        if (($schools[Leave::aspect()] ?? null) !== Leave::Lift->value || $turned === []) {
            return [];
        }
        $json = clone $job->document;
        $asked = $json->job ?? null;
        $json->job = (object) (['schools' => (object) $schools] + ($asked instanceof \stdClass ? get_object_vars($asked) : []));
        $document = SetDocument::from($json);
        $plan = $document->plan();
        $diameterM = $document->design->instrument->hardware->posts->diameterM;
        $thick = [];
        foreach ($turned as $position => $turns) {
            $string = $document->evaluation()->strings[$position - 1] ?? null;
            $finger = $string === null ? null : $plan->strings[$position - 1]->fingerM($turns, Post::woundLengthM(1.0, $diameterM, $string->string->build->outerDiameterM));
            if ($finger !== null) {
                $thick[] = $finger;
            }
        }

        return $thick;
    }
}
