<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Bench;
use App\Bench\SetSchema;
use App\Bench\SetSummaries;
use App\Bench\StoredSets;
use App\Http\ReaderUnits;
use App\Http\ReceivedDocument;
use App\Http\Requests\Bench\SaveSetRequest;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Instruments\OnInstrument;
use App\Models\StringSet;
use App\Network\Door;
use App\Paper\FitReport;
use App\Paper\LabelStock;
use App\Paper\Leaf;
use App\Paper\PacketLabels;
use App\Paper\PlanSheet;
use App\Paper\SetSheet;
use App\Tuning\LearnedSetbacks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;
use Lira\Document\SetDocument;
use Lira\PlainText;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** Sets as things to keep: listed, begun, saved, put away, brought in and taken out. */
final readonly class SetController
{
    private const COPY = ', copy';

    public function __construct(private Bench $bench, private StoredSets $sets, private SetSummaries $summaries, private OnInstrument $on) {}

    public function index(Request $request): Response
    {
        $away = $request->boolean('away');

        return Inertia::render('bench/SetsPage', [
            'sets' => $this->summaries->all($away),
            'away' => $away,
            'putAway' => StringSet::onlyTrashed()->count(),
        ]);
    }

    public function duplicate(StringSet $set): JsonResponse
    {
        $json = $this->sets->json($set);
        $json->name = Str::limit($set->name, PlainText::LONGEST_NAME - mb_strlen(self::COPY), '').self::COPY;
        $copy = $this->sets->add(SetDocument::from($json));

        return new JsonResponse(['id' => $copy->id], 201);
    }

    /** As it is saved now. */
    public function show(StringSet $set): JsonResponse
    {
        return new JsonResponse($this->bench->set($set));
    }

    public function update(SaveSetRequest $request, StringSet $set): JsonResponse
    {
        $revision = $request->revision();
        $saved = $this->sets->update($set, $request->document(), $revision);

        return new JsonResponse(['revision' => $saved->revision, 'savedAt' => $saved->updated_at->toIso8601String()]);
    }

    public function destroy(StringSet $set): JsonResponse
    {
        $set->delete();

        return new JsonResponse(['id' => $set->id]);
    }

    public function unarchive(int $set): JsonResponse
    {
        StringSet::withTrashed()->findOrFail($set)->restore();

        return new JsonResponse(['id' => $set]);
    }

    public function import(Request $request): JsonResponse
    {
        $document = SetSchema::checked(ReceivedDocument::of($request));
        $set = $this->sets->add($document);

        return new JsonResponse(['id' => $set->id, 'unknownKeys' => $document->unknownKeys], 201);
    }

    public function export(StringSet $set): HttpResponse
    {
        return new HttpResponse($this->sets->document($set)->text(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.self::fileName($set).'.json"',
        ]);
    }

    public function sheet(Request $request, StringSet $set): HttpResponse
    {
        return self::written($set, SetSheet::on($set, $this->sets->document($set), ReaderUnits::of($request), SheetAnswer::leaf($request)), SheetAnswer::leaf($request));
    }

    /** Whether it fits its instrument. */
    public function fit(Request $request, StringSet $set): HttpResponse
    {
        return self::written(
            $set,
            FitReport::on(
                $set,
                $this->sets->document($set),
                LearnedSetbacks::of($set->instrument, $this->sets),
                ReaderUnits::of($request),
                SheetAnswer::leaf($request),
            ),
            SheetAnswer::leaf($request),
            '-fit',
        );
    }

    /** How it is put on its instrument. */
    public function plan(Request $request, StringSet $set): HttpResponse
    {
        $document = $this->sets->document($set);
        $on = $set->instrument === null ? null : $this->on->baseline($set->instrument);
        if ($on !== null) {
            // What comes off is what is on it now, whatever the set is measured from.
            $json = clone $document->json;
            $json->baseline = $on;
            $document = SetDocument::from($json);
        }

        return self::written(
            $set,
            PlanSheet::on($set, $document, ReaderUnits::of($request), SheetAnswer::leaf($request)),
            SheetAnswer::leaf($request),
            '-plan',
        );
    }

    /** A label for each string's packet. */
    public function labels(Request $request, StringSet $set): HttpResponse
    {
        $stock = LabelStock::tryFrom(Said::words($request, 'stock')) ?? LabelStock::A4Of24;

        return self::written(
            $set,
            PacketLabels::labels(
                $set,
                $this->sets->document($set),
                ReaderUnits::of($request),
                $stock,
                min(max(0, $request->integer('skip')), $stock->perSheet() - 1),
                self::reached($request),
            ),
            Leaf::A4,
            '-labels',
        );
    }

    /** Its packets bear labels from now on: they are told by their notches. */
    public function labelled(StringSet $set): JsonResponse
    {
        // What its design is does not change by it, nor when that was last saved.
        StringSet::withoutTimestamps(static fn (): bool => $set->update(['labelled_at' => now()]));

        return new JsonResponse(['id' => $set->id]);
    }

    /** The strings in the order in which they are fitted. */
    public function card(Request $request, StringSet $set): HttpResponse
    {
        return self::written(
            $set,
            PacketLabels::card($set, $this->sets->document($set), ReaderUnits::of($request), SheetAnswer::leaf($request), self::reached($request)),
            SheetAnswer::leaf($request),
            '-card',
        );
    }

    /** What squares lead to: where the shop's devices reach this workshop, or this machine alone does. */
    private static function reached(Request $request): string
    {
        return Door::address() ?? $request->getSchemeAndHttpHost();
    }

    private static function written(StringSet $set, string $sheet, Leaf $leaf, string $what = ''): HttpResponse
    {
        return SheetAnswer::of($sheet, $leaf, self::fileName($set).$what);
    }

    private static function fileName(StringSet $set): string
    {
        $slug = Str::slug($set->name);

        return $slug === '' ? 'set-'.$set->id : $slug;
    }
}
