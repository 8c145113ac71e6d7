<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Pages\Jobs\JobPage;
use App\Http\Pages\Jobs\JobsPage;
use App\Http\PutAway;
use App\Http\ReaderUnits;
use App\Http\Requests\Jobs\RecordEventsRequest;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Jobs\JobFile;
use App\Jobs\Jobs;
use App\Jobs\JobState;
use App\Jobs\JobViews;
use App\Jobs\NeckAtEnd;
use App\Jobs\Stock;
use App\Jobs\Views\JobPartsView;
use App\Models\Device;
use App\Models\Job;
use App\Models\JobEvent;
use App\Paper\PlanSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Fitting\CutShort;
use Lira\Job\Heard;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** Jobs: listed, gone on with, dropped with a way back. */
final readonly class JobController
{
    /** Characters of what is sought. */
    private const MOST_SOUGHT = 200;

    public function __construct(private Jobs $jobs, private JobViews $views, private Stock $stock) {}

    public function index(): Response
    {
        // Before the list is read: what comes between the two is looked at once more, rather than missed for good.
        $asOf = self::asOf();

        return (new JobsPage(jobs: $this->views->rows(), finished: $this->views->finishedInAll(), as_of: $asOf))->response();
    }

    /** A page of those that are finished. */
    public function finished(Request $request): JsonResponse
    {
        return new JsonResponse($this->views->finished(mb_substr(Said::words($request, 'for'), 0, self::MOST_SOUGHT), $request->integer('page', 1)));
    }

    /** By which a list that is open is told whether any job is otherwise than it shows; asked often, so it asks little. */
    public function changed(): JsonResponse
    {
        return new JsonResponse(['as_of' => self::asOf()]);
    }

    private static function asOf(): string
    {
        $row = Job::query()->withTrashed()->toBase()->selectRaw('max(updated_at) as last, count(*) as jobs, count(archived_at) as gone')->first();

        // Of two things in one second the second is told by its number.
        return (string) json_encode([...(array) $row, 'event' => JobEvent::query()->max('id')]);
    }

    public function show(Request $request, Job $job): Response
    {
        if ($job->trashed()) {
            return PutAway::page('job', $job->name, "/jobs/{$job->id}/unarchive", "/jobs/{$job->id}", '/jobs');
        }
        $file = $this->jobs->file($job);

        return (new JobPage(...$this->known($file), state: $this->state($request, $file)->parts, events: JobViews::events($file), fit: Answers::fit($file->document)))->response();
    }

    /** What is to be said of how its set plays, once all of it is done. */
    public function neck(Request $request, Job $job, NeckAtEnd $neck): JsonResponse
    {
        return new JsonResponse(['says' => $neck->says($job, ReaderUnits::of($request))]);
    }

    /** What changed since an event, if anything did. */
    public function news(Request $request, Job $job): JsonResponse
    {
        $last = $job->events()->latest('id')->first()->id ?? 0;
        if ($last === $request->integer('since') && self::touched($job) === Said::words($request, 'touched')) {
            return new JsonResponse(['same' => true, 'now' => now()->toIso8601String()]);
        }

        return new JsonResponse($this->whole($request, $this->jobs->file($job), $request->integer('since')));
    }

    /** Takes what happened, and says what that changed: where the device knew how it was, only that. */
    public function record(RecordEventsRequest $request, Job $job): JsonResponse
    {
        ['heard' => $heard, 'behindS' => $behindS] = $request->heard();
        $device = $request->user('device');
        if ($device instanceof Device) {
            $heard = array_map(static fn (Heard $each): Heard => $each->orBy($device->name), $heard);
        }
        $before = $this->jobs->file($job);
        $state = $this->knows($request, $before) ? $this->state($request, $before) : null;
        $file = $this->jobs->record($job, $heard, $behindS, $before);
        $took = ['took' => array_map(static fn (Heard $each): string => $each->id, $heard), 'behind_s' => $behindS];
        $since = $request->integer('since');

        return new JsonResponse($took + ($state === null ? $this->whole($request, $file, $since) : [
            ...$this->known($file), 'events' => JobViews::events($file, $since), 'patch' => $this->state($request, $file)->since($state),
        ]));
    }

    /** What is done and what is left, to be pinned to the wall. */
    public function sheet(Request $request, Job $job): HttpResponse
    {
        $file = $this->jobs->file($job);
        $leaf = SheetAnswer::leaf($request);
        $sheet = PlanSheet::of(
            $job->name, $job->updated_at->toDateString(), $file->document, $file->plan, ReaderUnits::of($request),
            $leaf,
        );

        return SheetAnswer::of($sheet, $leaf, "job-{$job->id}");
    }

    /** Whether a string that was cut short still holds. */
    public function cutShort(Request $request, Job $job): JsonResponse
    {
        $file = $this->jobs->file($job);
        $left = $request->input('left_mm');
        $string = $file->document->evaluation()->strings[$request->integer('position') - 1] ?? throw InvalidDocument::at('/position', 'There is no such string.');
        if (! is_numeric($left) || $left <= 0 || $left > 2000) {
            throw InvalidDocument::at('/left_mm', 'Give what is left past its post: a length of more than 0.');
        }
        $verdict = CutShort::of($file->document->design, $string, $file->document->limits, (float) $left / 1000);

        return new JsonResponse(['turns' => $verdict->turns, 'holds' => $verdict->holds, 'message' => $verdict->verdict->text(ReaderUnits::of($request))]);
    }

    /** Puts a string that is missing on the order list. */
    public function want(Request $request, Job $job): JsonResponse
    {
        $file = $this->jobs->file($job);
        $position = $request->integer('position');
        $string = $file->document->design->strings[$position - 1] ?? throw InvalidDocument::at('/position', 'There is no such string.');
        $this->stock->want($job, $position, $string->spec->type);
        $job->touch();

        return new JsonResponse($this->whole($request, $file, $request->integer('since')), 201);
    }

    public function destroy(Job $job): JsonResponse
    {
        $this->jobs->drop($job);

        return new JsonResponse(['id' => $job->id]);
    }

    public function unarchive(int $job): JsonResponse
    {
        $this->jobs->bringBack(Job::onlyTrashed()->findOrFail($job));

        return new JsonResponse(['id' => $job]);
    }

    private static function touched(Job $job): string
    {
        return $job->updated_at->toIso8601String();
    }

    /** Whether a device says that it knows a job as it is. */
    private function knows(Request $request, JobFile $file): bool
    {
        return $request->integer('since', -1) === $file->last() && Said::words($request, 'touched') === self::touched($file->job);
    }

    private function state(Request $request, JobFile $file): JobState
    {
        return JobState::of($file, $this->views, ReaderUnits::of($request));
    }

    /** @return array{last: int, touched: string, now: string} by which it is told whether a device knows it as it is, and what time it is here */
    private function known(JobFile $file): array
    {
        return ['last' => $file->last(), 'touched' => self::touched($file->job->refresh()), 'now' => now()->toIso8601String()];
    }

    /** @return array{last: int, touched: string, now: string, state: JobPartsView, events: list<ReceivedJson>} all of it, with what happened since an event */
    private function whole(Request $request, JobFile $file, int $since): array
    {
        return [...$this->known($file), 'state' => $this->state($request, $file)->parts, 'events' => JobViews::events($file, $since)];
    }
}
