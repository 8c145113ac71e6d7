<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Bench\NewSet;
use App\Http\Pages\Instruments\InstrumentPage;
use App\Http\Pages\Instruments\InstrumentsPage;
use App\Http\Pages\Jobs\AtHandPage;
use App\Http\PutAway;
use App\Http\Reached;
use App\Http\Requests\Instruments\SaveInstrumentRequest;
use App\Http\Said;
use App\Http\SheetAnswer;
use App\Instruments\OnInstrument;
use App\Instruments\Photographs;
use App\Instruments\StoredInstruments;
use App\Instruments\Views\KindChoiceView;
use App\Instruments\Views\UsualView;
use App\Log\StringsLife;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use App\Paper\InstrumentLabel;
use App\Paper\LabelStock;
use App\Paper\Leaf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Response;
use Lira\Document\InstrumentFile;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** Instruments: listed, added, measured, put away. */
final readonly class InstrumentController
{
    public function __construct(private Photographs $photographs, private StoredInstruments $instruments, private OnInstrument $on, private StringsLife $life) {}

    public function index(Request $request): Response
    {
        $away = $request->boolean('away');

        return (new InstrumentsPage(
            instruments: $this->instruments->summaries($away),
            away: $away,
            putAway: Instrument::onlyTrashed()->count(),
        ))->response();
    }

    public function create(): Response
    {
        return (new InstrumentPage(instrument: null, kinds: self::kinds(), sets: [], photographs: [], life: null, onIt: null, open: []))->response();
    }

    public function store(SaveInstrumentRequest $request): JsonResponse
    {
        return new JsonResponse(['id' => $this->instruments->add($request->document(), $request->strings())->id], 201);
    }

    public function edit(Instrument $instrument): Response
    {
        if ($instrument->trashed()) {
            return PutAway::page('instrument', $instrument->name, "/instruments/{$instrument->id}/unarchive", "/instruments/{$instrument->id}", '/instruments');
        }

        return (new InstrumentPage(
            instrument: [
                'id' => $instrument->id,
                'revision' => $instrument->revision,
                'strings' => $instrument->strings,
                'document' => $instrument->document,
            ],
            kinds: self::kinds(),
            sets: $this->instruments->sets($instrument),
            photographs: $this->photographs->of($instrument),
            life: $this->life->of($instrument),
            onIt: $this->on->view($instrument->id),
            open: $this->on->open($instrument->id),
        ))->response();
    }

    /** What the square on its label leads to: what it is, what is on it, its job. */
    public function atHand(Instrument $instrument): Response
    {
        $job = Job::query()->where('instrument_id', $instrument->id)->where('status', JobStatus::Open)->latest('id')->first();

        return (new AtHandPage(
            instrument: [
                'id' => $instrument->id, 'name' => $instrument->name, 'kind' => Kind::from($instrument->kind)->label(), 'strings' => $instrument->strings,
                'owner' => $instrument->owner,
            ],
            onIt: $this->on->view($instrument->id),
            due: $this->life->of($instrument)->families[0]->due_on ?? null,
            job: $job === null ? null : ['id' => $job->id, 'name' => $job->name, 'do' => $job->standing['do'], 'bench' => $job->bench],
        ))->response();
    }

    /** For the instrument or its case. */
    public function label(Request $request, Instrument $instrument): HttpResponse
    {
        $stock = LabelStock::asked(Said::words($request, 'stock'));

        return SheetAnswer::of(
            InstrumentLabel::on($instrument, $stock, $stock->used($request->integer('skip')), Reached::route($request, 'instruments.at-hand', $instrument->id)),
            Leaf::A4,
            "label-{$instrument->id}",
        );
    }

    /** The instrument as set documents carry it. */
    public function document(Instrument $instrument): JsonResponse
    {
        return new JsonResponse($instrument->document);
    }

    /** The instrument alone, as a file. */
    public function export(Instrument $instrument): HttpResponse
    {
        $slug = Str::slug($instrument->name);

        return new HttpResponse(InstrumentFile::of($instrument->document, $instrument->strings)->text(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.($slug === '' ? 'instrument' : $slug).'.json"',
        ]);
    }

    /** Adds the instrument of an instrument's file or of a set document. */
    public function import(Request $request): JsonResponse
    {
        if ((int) $request->header('Content-Length') > Json::MAX_BYTES) {
            throw InvalidDocument::tooLarge();
        }
        $file = InstrumentFile::parse($request->getContent());

        return new JsonResponse(
            ['id' => $this->instruments->add($file->instrument, $file->strings)->id, 'unknownKeys' => $file->unknownKeys],
            201,
        );
    }

    /** A set as it is usually put on an instrument that need not be kept yet. */
    public function usualSet(SaveInstrumentRequest $request): JsonResponse
    {
        return new JsonResponse(NewSet::usual($request->document(), $request->strings())->json);
    }

    public function update(SaveInstrumentRequest $request, Instrument $instrument): JsonResponse
    {
        $revision = $request->revision();
        $saved = $this->instruments->update($instrument, $request->document(), $request->strings(), $revision);

        return new JsonResponse(['id' => $saved->id, 'revision' => $saved->revision]);
    }

    public function duplicate(Instrument $instrument): JsonResponse
    {
        return new JsonResponse(['id' => $this->instruments->duplicate($instrument)->id], 201);
    }

    public function destroy(Instrument $instrument): JsonResponse
    {
        $instrument->delete();

        return new JsonResponse(['id' => $instrument->id]);
    }

    public function unarchive(int $instrument): JsonResponse
    {
        Instrument::withTrashed()->findOrFail($instrument)->restore();

        return new JsonResponse(['id' => $instrument]);
    }

    /** @return list<KindChoiceView> every kind with what one of it usually has */
    private static function kinds(): array
    {
        return array_map(static fn (Kind $kind): KindChoiceView => new KindChoiceView($kind, $kind->label(), UsualView::of(Custom::of($kind))), Kind::cases());
    }
}
