<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\TypedWords;
use App\Http\ReaderUnits;
use App\Http\Requests\Bench\ReadTypedRequest;
use App\Http\Said;
use Illuminate\Http\JsonResponse;
use Lira\Document\StringTypeWriter;
use Lira\Instrument\Instrument;
use Lira\InvalidInput;
use Lira\Kind\Custom;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use Lira\Solver\StartingSet;
use Lira\Strings\StringSpec;
use Lira\Typed\Quantity;
use Lira\Typed\TypedGauge;
use Lira\Typed\TypedScale;
use Lira\Wording\Units;

/** What somebody typed, read as the core reads it; what it cannot read is refused with the nearest it can. */
final readonly class TypedController
{
    public function __construct(private TypedWords $words) {}

    /** With `why`, what cannot be read is no error but told: a field asks for it after somebody typed it. */
    public function __invoke(ReadTypedRequest $request): JsonResponse
    {
        if (! $request->boolean('why')) {
            return $this->read($request);
        }
        try {
            $this->read($request);
        } catch (InvalidInput $refused) {
            return new JsonResponse(['why' => $refused->getMessage()]);
        }

        return new JsonResponse(['why' => null]);
    }

    private function read(ReadTypedRequest $request): JsonResponse
    {
        $units = ReaderUnits::of($request);
        $typed = $request->typed();

        return new JsonResponse(match (Said::words($request, 'what')) {
            'gauge' => self::gauge(Quantity::gauge($typed, $units->gauge)),
            'length' => ['length_mm' => round(Quantity::length($typed, $units->length)->inMillimetres(), 6)],
            'tension' => ['tension_n' => Quantity::tensionN($typed, $units->tension)],
            'scale' => ['scale' => TypedScale::read($typed, $request->kind(), $units->length)->toJson()],
            default => ['strings' => $this->set($request, $units)],
        });
    }

    /** @return array{gauge_in: float, made: ?string} */
    private static function gauge(TypedGauge $read): array
    {
        return ['gauge_in' => round($read->gauge->inInches(), 9), 'made' => $read->made];
    }

    /** @return list<StringOfSetFields> a string for each, string 1 first, as set documents say them */
    private function set(ReadTypedRequest $request, Units $units): array
    {
        [$kind, $pitches] = [$request->kind(), $request->pitches()];
        $instrument = new Instrument('', $kind, Scale::single(Length::metres(Custom::of($kind)->neck->lengthM)));
        $usual = $pitches === [] ? [] : StartingSet::strings($instrument, new Tuning('', ReferencePitch::concert(), $pitches));

        return array_map(
            static fn (StringSpec $spec, int $index): array => ['position' => $index + 1, ...StringTypeWriter::toArray($spec->type)],
            $strings = $this->words->sets($kind, count($pitches), $usual, $units)->read($request->typed()),
            array_keys($strings),
        );
    }
}
