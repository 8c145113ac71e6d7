<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Requests\Strings\StringTypeRules;
use App\Models\MeasuredSample;
use App\Strings\TypeColumns;
use App\Support\Supply\Samples;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Lira\Kind\Kind;

/** Strings that were weighed or sounded here. */
final class SampleController
{
    public function index(): Response
    {
        return Inertia::render('strings/MeasuredPage', [
            'families' => Samples::families(),
            'kinds' => array_map(static fn (Kind $kind): array => ['value' => $kind->value, 'label' => $kind->label()], Kind::cases()),
        ]);
    }

    /** What readings come to; nothing is kept. */
    public function weigh(Request $request): JsonResponse
    {
        return new JsonResponse(Samples::result(self::sample($request)));
    }

    public function store(Request $request): JsonResponse
    {
        $sample = self::sample($request);
        Samples::result($sample);
        $sample->save();

        return new JsonResponse(Samples::result($sample), 201);
    }

    /** Sets a sample aside: it counts no more. */
    public function destroy(MeasuredSample $sample): JsonResponse
    {
        $sample->delete();

        return new JsonResponse(['id' => $sample->id]);
    }

    public function unarchive(int $sample): JsonResponse
    {
        MeasuredSample::withTrashed()->findOrFail($sample)->restore();

        return new JsonResponse(['id' => $sample]);
    }

    private static function sample(Request $request): MeasuredSample
    {
        $request->validate([
            ...StringTypeRules::rules(), 'kind' => ['required', Rule::enum(Kind::class)],
            'readings' => ['required', 'array'], 'readings.*' => ['numeric'], 'note' => ['nullable', 'string', 'max:300'],
        ], StringTypeRules::MESSAGES + ['readings.*' => 'Give what was measured as numbers.']);
        $readings = [];
        foreach (Samples::READINGS as $key) {
            $value = $request->input("readings.{$key}");
            if (is_int($value) || is_float($value)) {
                $readings[$key] = (float) $value;
            }
        }

        return new MeasuredSample([
            ...TypeColumns::of(StringTypeRules::read($request)), 'kind' => $request->string('kind')->toString(),
            'readings' => $readings, 'note' => $request->string('note')->trim()->toString(),
        ]);
    }
}
