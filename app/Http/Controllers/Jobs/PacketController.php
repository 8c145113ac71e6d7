<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Bench\StoredSets;
use App\Http\Pages\Jobs\PacketPage;
use App\Models\Job;
use App\Models\JobStatus;
use App\Models\Lot;
use App\Models\StringSet;
use App\Models\TypeColumns;
use App\Paper\PacketCode;
use Illuminate\Http\RedirectResponse;
use Inertia\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the square on a packet's label leads to: which string it is, where more of it lies, its job. */
final readonly class PacketController
{
    public function __construct(private StoredSets $sets) {}

    public function show(string $code): Response
    {
        [$read, $set] = self::packet($code);
        $strings = $this->sets->document($set)->evaluation()->strings;
        $string = $strings[$read->position - 1] ?? throw new NotFoundHttpException;
        $type = $string->string->spec->type;
        $job = self::open($read);

        return (new PacketPage(
            code: PacketCode::of($read->set, $read->position),
            set: ['id' => $set->id, 'name' => $set->name],
            instrument: ['id' => $set->instrument_id, 'name' => $set->instrument->name],
            string: ['position' => $read->position, 'pitch' => $string->tunings[0]->pitch->name(), ...TypeColumns::view($type)],
            of: count($strings),
            lots: array_values(Lot::query()->where(TypeColumns::of($type))->where('quantity', '>', 0)->orderBy('id')->get()
                ->map(static fn (Lot $lot): array => ['name' => $lot->name, 'quantity' => $lot->quantity, 'note' => $lot->note])->all()),
            job: $job === null ? null : ['id' => $job->id, 'do' => $job->standing['do']],
        ))->response();
    }

    /** From a code that was typed or scanned at a machine straight to the job its string is for. */
    public function job(string $code): RedirectResponse
    {
        [$read] = self::packet($code);
        $job = self::open($read);

        return $job === null ? redirect()->route('jobs.create', ['set' => $read->set]) : redirect()->route('jobs.show', $job);
    }

    /** @return array{PacketCode, StringSet} */
    private static function packet(string $code): array
    {
        $read = PacketCode::read($code) ?? throw new NotFoundHttpException;

        return [$read, StringSet::query()->with('instrument')->find($read->set) ?? throw new NotFoundHttpException];
    }

    private static function open(PacketCode $packet): ?Job
    {
        return Job::query()->where('set_id', $packet->set)->where('status', JobStatus::Open)->latest('id')->first();
    }
}
