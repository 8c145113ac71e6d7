<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tuning;

use App\Bench\StoredSets;
use App\Http\Pages\Tuning\IntonatePage;
use App\Http\Pages\Tuning\TuneDoorPage;
use App\Http\Pages\Tuning\TunePage;
use App\Http\Said;
use App\Instruments\StoredInstruments;
use App\Jobs\JobFile;
use App\Jobs\Jobs;
use App\Jobs\SchoolsKept;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\JobStatus;
use App\Models\StringSet;
use App\Tuning\KeptSaddles;
use App\Tuning\LearnedSetbacks;
use App\Tuning\Views\SaddleStringView;
use App\Tuning\Views\TunedStringView;
use App\Tuning\WhatIsTuned;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;
use Lira\Coupling\Compliance;
use Lira\Document\IntervalWriter;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Fitting\School\Order;
use Lira\Intonation\Saddles;
use Lira\Pitch\Pitch;
use Lira\Pitch\Tuning;

/** An instrument brought from where its strings stand to a tuning, with or without new strings. */
final readonly class TuneController
{
    public function __construct(private StoredSets $sets, private StoredInstruments $instruments, private KeptSaddles $saddles, private Jobs $jobs) {}

    /** Which instrument is tuned, and with what on it. */
    public function door(WhatIsTuned $tuned): Response
    {
        return (new TuneDoorPage(instruments: $tuned->all()))->response();
    }

    /** A page of its own; as JSON what a job's step knows. */
    public function show(Request $request, StringSet $set): Response|JsonResponse
    {
        $kept = $this->sets->document($set);
        $tuning = self::tuning($request, $kept);
        $from = $request->has('from') ? min(max(0, $request->integer('from')), count($kept->design->tunings) - 1) : null;
        $document = $kept;
        if ($request->filled('to')) {
            // Another tuning, for now: the set stays as it is.
            $document = self::retuned($kept, $from ?? $tuning, Said::words($request, 'to'), Said::words($request, 'name'));
            [$from, $tuning] = [0, 1];
        }

        $job = Job::query()->where('set_id', $set->id)->where('status', JobStatus::Open)->find($request->integer('job'));
        $file = $job === null ? null : $this->jobs->file($job);
        $chosen = self::order($document, $file);

        return (new TunePage(
            set: self::of($set),
            document: $document->json,
            tuning: $tuning,
            kept: array_map(self::label(...), $kept->design->tunings),
            from: $from,
            strings: array_map(static fn (EvaluatedString $string): TunedStringView => new TunedStringView(
                position: $string->position,
                pitch: $string->tunings[$tuning]->pitch->name(),
                hz: $string->tunings[$tuning]->frequencyHz,
                stiffness: IntervalWriter::toArray($string->tunings[$tuning]->inharmonicity),
                gauge_in: $string->string->spec->type->gauge->inInches(),
            ), $document->evaluation()->strings),
            tunings: array_map(static fn (Tuning $each, int $index): array => [
                'name' => self::label($each),
                'hz' => array_map(static fn (EvaluatedString $string): float => $string->tunings[$index]->frequencyHz, $document->evaluation()->strings),
            ], $document->design->tunings, array_keys($document->design->tunings)),
            orders: self::orders($document, $chosen),
            order: $chosen->value,
            job: $file === null ? null : self::job($file),
            floats: Compliance::floats($document->design->instrument->hardware),
        ))->asAsked($request);
    }

    /** Each saddle moved once: a page of its own; as JSON what a job's step knows. */
    public function intonate(Request $request, StringSet $set): Response|JsonResponse
    {
        $document = $this->sets->document($set);
        $tuning = self::tuning($request, $document);
        $hardware = $document->design->instrument->hardware;
        $screw = $hardware->saddle->screwPitchM;
        $found = LearnedSetbacks::places($document->json);
        $learned = LearnedSetbacks::of($set->instrument, $this->sets);
        $expectedM = $learned?->expectedM($document) ?? [];

        return (new IntonatePage(
            set: self::of($set),
            document: $document->json,
            tuning: $tuning,
            strings: array_map(static function (EvaluatedString $string) use ($document, $tuning, $hardware, $found, $expectedM): SaddleStringView {
                $at = $string->tunings[$tuning];
                $travel = $hardware->saddle->travelM($string->position);

                return new SaddleStringView(
                    position: $string->position,
                    pitch: $at->pitch->name(),
                    hz: $at->frequencyHz,
                    stiffness: IntervalWriter::toArray($at->inharmonicity),
                    scale_mm: 1000 * $string->speakingLengthM,
                    setback_mm: $at->setbackM === null ? null : [
                        'low' => 1000 * $at->setbackM->low, 'estimate' => 1000 * $at->setbackM->estimate, 'high' => 1000 * $at->setbackM->high,
                    ],
                    starts_at_fret: $document->design->instrument->scale->startFret($string->position),
                    travel_mm: $travel === null ? null : 1000 * $travel,
                    found_mm: $found[$string->position] ?? null,
                    expected_mm: isset($expectedM[$string->position]) ? 1000 * $expectedM[$string->position] : null,
                );
            }, $document->evaluation()->strings),
            learned: $learned === null ? null : ['share' => $learned->share, 'strings' => $learned->strings],
            screw_mm: $screw === null ? null : 1000 * $screw,
            saddles: Saddles::of($document->design->instrument),
            job: $this->settlingJob($set),
            earlier: KeptSaddles::earlier($set->instrument_id),
        ))->asAsked($request);
    }

    /** Keeps where saddles were found and left, and what led there. */
    public function keepSaddles(Request $request, StringSet $set): JsonResponse
    {
        $tuning = self::tuning($request, $this->sets->document($set));
        $saved = $this->saddles->keep($set, $tuning, $request->input('setback_mm'), $request->input('readings'));

        return new JsonResponse(['revision' => $saved->revision]);
    }

    /** Keeps with the instrument how far the ends of its strings give, as it was measured. */
    public function keepCompliance(Request $request, Instrument $instrument): JsonResponse
    {
        $umPerN = $request->input('um_per_n');
        if (! is_numeric($umPerN) || $umPerN < 0 || $umPerN > 1000) {
            throw InvalidDocument::at('/um_per_n', 'Give how far it gives in micrometres per newton, 0 to 1000.');
        }
        $error = $request->input('error_um_per_n');
        if ($error !== null && (! is_numeric($error) || $error < 0 || $error > 1000)) {
            throw InvalidDocument::at('/error_um_per_n', 'Give how sure that is in micrometres per newton, 0 to 1000, or leave it out.');
        }
        $document = clone $instrument->document;
        $hardware = $document->hardware ?? null;
        $hardware = $hardware instanceof \stdClass ? clone $hardware : new \stdClass;
        $hardware->compliance_um_per_n = round((float) $umPerN, 4);
        $hardware->compliance_source = 'measured';
        unset($hardware->compliance_error_um_per_n);
        if ($error !== null) {
            $hardware->compliance_error_um_per_n = round((float) $error, 4);
        }
        $document->hardware = $hardware;
        $saved = $this->instruments->update($instrument, $document, $instrument->strings, $instrument->revision);

        return new JsonResponse(['revision' => $saved->revision]);
    }

    /** The tuning that was asked for, or the nearest that there is. */
    private static function tuning(Request $request, SetDocument $document): int
    {
        return min(max(0, $request->integer('tuning')), count($document->design->tunings) - 1);
    }

    /** A tuning by its name, else by its notes from the last string on. */
    private static function label(Tuning $tuning): string
    {
        return $tuning->name !== '' ? $tuning->name : implode(' ', array_map(
            static fn (Pitch $pitch): string => (string) preg_replace('/-?\d+$/', '', $pitch->label()),
            array_reverse($tuning->pitches),
        ));
    }

    /**
     * The set with just two tunings: the one its strings stand in, and the one they are to come to.
     *
     * @param  string  $to  its notes, string 1 first, with a space between
     *
     * @throws InvalidDocument if these are not the notes of its strings
     */
    private static function retuned(SetDocument $document, int $from, string $to, string $name): SetDocument
    {
        $json = clone $document->json;
        $tunings = is_array($json->tunings ?? null) ? $json->tunings : [];
        $stands = $tunings[$from] ?? null;
        if (! $stands instanceof \stdClass) {
            return $document;
        }
        $wanted = clone $stands;
        $wanted->name = mb_substr($name, 0, 200);
        unset($wanted->cents);
        $wanted->pitches = explode(' ', trim($to));
        $json->tunings = [$stands, $wanted];

        return SetDocument::from($json);
    }

    /** @return ?array{id: int, holds_at: ?string} the open job that put these strings on, and when they hold; null without one */
    private function settlingJob(StringSet $set): ?array
    {
        $job = Job::query()->where('set_id', $set->id)->where('status', JobStatus::Open)->latest('id')->first();
        if ($job === null) {
            return null;
        }
        $holdsS = $this->jobs->file($job)->holdsAtS();

        return ['id' => $job->id, 'holds_at' => $holdsS === null ? null : Carbon::createFromTimestampUTC($holdsS)->toIso8601String()];
    }

    /** In which its strings are tuned: by the school of its job or set, else from the lowest. */
    private static function order(SetDocument $document, ?JobFile $file): Order
    {
        $school = $file === null ? SchoolsKept::asked($document->json)[Order::aspect()] ?? '' : $file->plan->schools->order->school->value;

        return Order::tryFrom((string) $school) ?? Order::BassFirst;
    }

    /** @return list<array{value: string, label: string, positions: list<int>}> in which strings may be tuned */
    private static function orders(SetDocument $document, Order $chosen): array
    {
        $offered = array_filter(Order::cases(), static fn (Order $order): bool => $order !== Order::TieBlock || $order === $chosen);

        return array_map(static fn (Order $order): array => [
            'value' => $order->value, 'label' => $order->label(), 'positions' => $order->positions(count($document->design->strings)),
        ], array_values($offered));
    }

    /** @return array{id: int, round: int, tuned: bool, seated: bool} the job that rounds are kept with */
    private static function job(JobFile $file): array
    {
        $settling = $file->settling();

        return [
            'id' => $file->job->id,
            'round' => 1 + max(0, ...array_values(array_map(static fn (array $each): int => count($each['drifts']->stretched()), $settling))),
            'tuned' => array_filter($settling, static fn (array $each): bool => $each['drifts']->tunedS() !== null) !== [],
            'seated' => array_filter($settling, static fn (array $each): bool => $each['settling']->roundsLeft !== 0) === [],
        ];
    }

    /** @return array{id: int, name: string, instrument: string, instrumentId: int} */
    private static function of(StringSet $set): array
    {
        return ['id' => $set->id, 'name' => $set->name, 'instrument' => $set->instrument->name, 'instrumentId' => $set->instrument_id];
    }
}
