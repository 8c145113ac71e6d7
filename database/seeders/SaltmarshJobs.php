<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\StoredSets;
use App\Instruments\OnInstrument;
use App\Jobs\JobFile;
use App\Jobs\Jobs;
use App\Jobs\Stock;
use App\Models\Job;
use App\Models\JobReason;
use App\Models\Play;
use App\Models\StringSet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Lira\Job\Event\Chose;
use Lira\Job\Event\Did;
use Lira\Job\Event\Drifted;
use Lira\Job\Event\Event;
use Lira\Job\Event\Finished;
use Lira\Job\Event\Measured;
use Lira\Job\Event\Noted;
use Lira\Job\Event\Rests;
use Lira\Job\Heard;

/** Four jobs of Saltmarsh Strings: one half done, one settling, one that waits for a string, one finished. */
final class SaltmarshJobs
{
    private const DEVICE = 'window bench';

    public static function seed(): void
    {
        $jobs = new self(app(Jobs::class), Carbon::now());
        $jobs->finished();
        $jobs->waiting();
        $jobs->settling();
        $jobs->halfDone();
    }

    private function __construct(private readonly Jobs $jobs, private readonly Carbon $now) {}

    private function finished(): void
    {
        $job = $this->begin('Sandpiper, open G', 'Sandpiper, open G', $this->now->copy()->subDays(16)->setTime(14, 5), JobReason::Season, 'Window', null);
        $this->measured($job, 'before', 2.9, null, 663.0);
        $this->work($job, null, 95);
        $this->measured($job, 'after', 2.9, null, 664.5);
        $this->event($job, new Noted('The bridge’s treble foot was worn round; it stands better now.', 1));
        $this->event($job, new Finished('Bright again, and even across the five.', coated: false));
        foreach ([13 => 1.0, 11 => 0.5, 9 => 2.0, 6 => 1.0, 4 => 1.5, 2 => 2.0] as $daysAgo => $hours) {
            Play::query()->create([
                'instrument_id' => $job->instrument_id, 'played_on' => $this->now->copy()->subDays($daysAgo)->toDateString(), 'hours' => $hours,
                // The Sunday session is on the pier.
                'salt' => $hours === 2.0,
            ]);
        }
    }

    private function waiting(): void
    {
        $job = $this->begin('Smack, drop A', 'Smack, drop A', $this->now->copy()->subDays(2)->setTime(10, 20), JobReason::Conversion, 'Door', $this->now->copy()->addDays(6), drawer: true);
        foreach (range(1, 6) as $position) {
            $this->event($job, new Chose($position, lot: null));
        }
        $this->work($job, null, 110, stopAt: 'off:7');
        $file = $this->jobs->file($job);
        app(Stock::class)->want($job, 7, $file->document->design->strings[6]->spec->type);
    }

    private function settling(): void
    {
        $job = $this->begin('Avocet, nylon', 'Avocet, nylon', $this->now->copy()->subHours(20), JobReason::Dull, 'Window', $this->now->copy()->addDays(4));
        $this->measured($job, 'before', 3.6, 0.22, null);
        $this->work($job, null, 80, stopAt: 'stretch');
        $this->event($job, new Drifted(rested: false, cents: [-64.0, -58.0, -71.0, -33.0, -29.0, -26.0]));
        $this->event($job, new Drifted(rested: false, cents: [-27.0, -22.0, -30.0, -12.0, -10.0, -8.0]));
        $this->work($job, 1, 80);
        $this->event($job, new Rests('wait', $this->now->copy()->addDays(2)->setTime(9, 0)->getTimestamp()));
    }

    private function halfDone(): void
    {
        $job = $this->begin('Curlew, D standard', 'Curlew, E standard', $this->now->copy()->subMinutes(34), JobReason::Show, 'Door', $this->now->copy()->addDay());
        $this->measured($job, 'before', 1.7, 0.18, null);
        $this->work($job, 8, 60);
    }

    private function begin(string $set, string $present, Carbon $at, JobReason $reason, string $bench, ?Carbon $promised, bool $drawer = false): Job
    {
        Carbon::setTestNow($at);
        $find = static fn (string $name): StringSet => StringSet::query()->with('instrument')->where('name', $name)->firstOrFail();
        $fitted = $find($set);
        $document = $this->jobs->document($fitted, OnInstrument::of(app(StoredSets::class)->json($find($present))), [], leftHanded: false);

        return $this->jobs->start($fitted, $document, [
            'owner' => $fitted->instrument->owner, 'reason' => $reason, 'bench' => $bench, 'promised_on' => $promised?->toDateString(),
            'way' => 'usual', 'from_drawer' => $drawer, 'spares' => 0,
        ]);
    }

    /**
     * Does steps in their order, each so many seconds after the last.
     *
     * @param  ?int  $most  so many; all where none is said
     */
    private function work(Job $job, ?int $most, int $eachS, string $stopAt = ''): JobFile
    {
        $file = $this->jobs->file($job);
        $events = [];
        foreach ($file->plan->steps as $step) {
            if ($file->progress->isDone($step->key)) {
                continue;
            }
            if ($step->key === $stopAt || count($events) === $most) {
                break;
            }
            Carbon::setTestNow(Carbon::now()->addSeconds($eachS));
            $events[] = self::happened(new Did($step->key));
        }

        return $this->jobs->record($job, $events);
    }

    private function measured(Job $job, string $when, ?float $actionMm, ?float $reliefMm, ?float $bridgeMm): void
    {
        $this->event($job, new Measured($when, $actionMm, $reliefMm, $bridgeMm, adjusted: false));
    }

    private function event(Job $job, Event $event): JobFile
    {
        return $this->jobs->record($job, [self::happened($event)]);
    }

    private static function happened(Event $event): Heard
    {
        return new Heard(Str::uuid()->toString(), $event, self::DEVICE, null, null, Carbon::now()->getTimestamp(), '');
    }
}
