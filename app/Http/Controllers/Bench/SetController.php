<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Bench;
use App\Bench\SetSchema;
use App\Bench\SetSummaries;
use App\Bench\StoredSets;
use App\Http\Pages\Bench\SetsPage;
use App\Http\Reached;
use App\Http\ReaderUnits;
use App\Http\ReceivedDocument;
use App\Http\Requests\Bench\SaveSetRequest;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Models\StringSet;
use App\Paper\LabelStock;
use App\Paper\Leaf;
use App\Paper\PacketLabels;
use App\Paper\SetPapers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Response;
use Lira\Document\SetDocument;
use Lira\PlainText;
use Lira\Wording\Units;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** Sets as things to keep: listed, begun, saved, put away, brought in and taken out. */
final readonly class SetController
{
    private const COPY = ', copy';

    /** So many come with the page, which is what stands on its first; the others after it. */
    private const FIRST = 30;

    public function __construct(private Bench $bench, private StoredSets $sets, private SetSummaries $summaries, private SetPapers $papers) {}

    public function index(Request $request): Response
    {
        $away = $request->boolean('away');
        // Whoever looks for some, or at another page, needs all of them at once.
        $first = $request->hasAny(['for', 'instrument', 'order', 'page']) ? null : self::FIRST;
        $putAway = StringSet::onlyTrashed()->count();

        return (new SetsPage(
            sets: $this->summaries->all($away, most: $first),
            count: $away ? $putAway : StringSet::query()->count(),
            away: $away,
            putAway: $putAway,
        ))->response();
    }

    /** Those that do not stand on the first page of the list. */
    public function rest(Request $request): JsonResponse
    {
        return new JsonResponse($this->summaries->all($request->boolean('away'), from: self::FIRST));
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
        return self::written($request, $set, $this->papers->sheet(...));
    }

    /** Whether it fits its instrument. */
    public function fit(Request $request, StringSet $set): HttpResponse
    {
        return self::written($request, $set, $this->papers->fit(...), '-fit');
    }

    /** How it is put on its instrument. */
    public function plan(Request $request, StringSet $set): HttpResponse
    {
        return self::written($request, $set, $this->papers->plan(...), '-plan');
    }

    /** In one of its tunings, to be sent. */
    public function picture(Request $request, StringSet $set): HttpResponse
    {
        return new HttpResponse($this->papers->picture($set, ReaderUnits::of($request), $request->integer('tuning')), 200, [
            'Content-Type' => 'image/svg+xml', 'Content-Disposition' => 'attachment; filename="'.self::fileName($set).'.svg"',
        ]);
    }

    /** A label for each string's packet. */
    public function labels(Request $request, StringSet $set): HttpResponse
    {
        $stock = LabelStock::asked(Said::words($request, 'stock'));

        return SheetAnswer::of(PacketLabels::labels(
            $set,
            $this->sets->document($set),
            ReaderUnits::of($request),
            $stock,
            $stock->used($request->integer('skip')),
            Reached::under($request),
        ), Leaf::A4, self::fileName($set).'-labels');
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
        $card = fn (StringSet $set, Units $units, Leaf $leaf): string => PacketLabels::card($set, $this->sets->document($set), $units, $leaf, Reached::under($request));

        return self::written($request, $set, $card, '-card');
    }

    /** @param  \Closure(StringSet, Units, Leaf): string  $write */
    private static function written(Request $request, StringSet $set, \Closure $write, string $what = ''): HttpResponse
    {
        $leaf = SheetAnswer::leaf($request);

        return SheetAnswer::of($write($set, ReaderUnits::of($request), $leaf), $leaf, self::fileName($set).$what);
    }

    private static function fileName(StringSet $set): string
    {
        $slug = Str::slug($set->name);

        return $slug === '' ? 'set-'.$set->id : $slug;
    }
}
