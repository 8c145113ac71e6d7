<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\SchoolChoice;
use Lira\Job\Progress;

/** Whose way a job goes: the workshop's, its owner's, or as the last one on this instrument went. */
final class SchoolsKept
{
    public const WORKSHOP = '';

    /** @return array<string, string> by aspect; empty where nothing was chosen */
    public function of(string $owner): array
    {
        return SchoolChoice::query()->where('owner', $owner)->first()->schools ?? [];
    }

    /** @return list<string> who has a way of their own */
    public function owners(): array
    {
        $owners = SchoolChoice::query()->where('owner', '!=', self::WORKSHOP)->orderBy('owner')->pluck('owner')->all();

        return array_values(array_filter($owners, is_string(...)));
    }

    /** @param  array<string, string>  $schools  by aspect */
    public function keep(string $owner, array $schools): void
    {
        $schools === []
            ? SchoolChoice::query()->where('owner', $owner)->delete()
            : SchoolChoice::query()->updateOrCreate(['owner' => $owner], ['schools' => $schools]);
    }

    /**
     * As the last job on this instrument went.
     *
     * @return array{schools: array<string, string>, leftHanded: bool}|null null where there was none
     */
    public function lastOn(Instrument $instrument): ?array
    {
        $job = Job::query()->where('instrument_id', $instrument->id)->latest('id')->first();
        if ($job === null) {
            return null;
        }

        return [
            'schools' => Progress::of(JobEvent::log($job->events()->orderBy('id')->get()), [])->schools() + self::asked($job->document),
            'leftHanded' => self::leftHanded($job->document),
        ];
    }

    /** @return array<string, string> that a document's job asks for */
    public static function asked(\stdClass $document): array
    {
        $job = $document->job ?? null;
        $schools = $job instanceof \stdClass ? $job->schools ?? null : null;

        $asked = [];
        foreach ($schools instanceof \stdClass ? get_object_vars($schools) : [] as $aspect => $school) {
            if (is_string($school)) {
                $asked[(string) $aspect] = $school;
            }
        }

        return $asked;
    }

    public static function leftHanded(\stdClass $document): bool
    {
        $job = $document->job ?? null;

        return $job instanceof \stdClass && ($job->left_handed ?? false) === true;
    }
}
