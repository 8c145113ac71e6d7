<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Limit\Limit;
use Lira\Limit\Limits;

/**
 * One aspect of how one string fits: what the string has or needs, what the instrument has, and what was found. Both null
 * where the instrument was not measured there; of its length only what is needed where nobody knows how long it is made. Millimetres, or degrees for angles.
 */
final readonly class FitCheck
{
    private function __construct(
        public int $position,
        public FitAspect $aspect,
        public ?float $string,
        public ?float $instrument,
        public ?Finding $finding,
    ) {}

    /**
     * Every aspect of every string, string 1 first.
     *
     * @return list<self>
     */
    public static function all(SetDesign $design, Assessment $assessment, Limits $limits): array
    {
        $checks = [];
        foreach ($assessment->evaluation->strings as $string) {
            foreach (FitAspect::cases() as $aspect) {
                [$has, $limit] = self::measured($aspect, $string, $design, $limits);
                $known = $has !== null && $limit !== null;
                // What a string needs is worth saying even where nobody knows how long it is made.
                $needs = $aspect === FitAspect::Length;
                $checks[] = new self(
                    $string->position,
                    $aspect,
                    $known ? $has : null,
                    $known || $needs ? $limit : null,
                    self::found($aspect, $string->position, $assessment->findings),
                );
            }
        }

        return $checks;
    }

    public function isMeasured(): bool
    {
        return $this->string !== null;
    }

    public function isFine(): bool
    {
        return $this->isMeasured() && $this->finding === null;
    }

    /** @return array{?float, ?float} of the string and of the instrument */
    private static function measured(FitAspect $aspect, EvaluatedString $string, SetDesign $design, Limits $limits): array
    {
        $hardware = $design->instrument->hardware;
        $mm = static fn (?float $metres): ?float => $metres === null ? null : $metres * 1000;
        $diameterMm = $string->string->build->outerDiameterM * 1000;
        $setbacksM = array_filter(
            array_map(static fn ($at): ?float => $at->setbackM?->estimate, $string->tunings),
            static fn (?float $setback): bool => $setback !== null,
        );

        return match ($aspect) {
            FitAspect::NutSlot => [$diameterMm, $mm($hardware->nutSlotM($string->position))],
            FitAspect::PostHole => [$diameterMm, $mm($hardware->posts->holeDiameterM)],
            FitAspect::NutAngle => [$string->fit->nutAngleDeg, $limits->of(Limit::NutAngle)],
            FitAspect::SaddleTravel => [
                $setbacksM === [] ? null : $mm(max($setbacksM)),
                $mm($hardware->saddle->travelM($string->position)),
            ],
            FitAspect::SaddleAngle => [$string->fit->saddleAngleDeg, $limits->of(Limit::SaddleAngle)],
            FitAspect::Length => [$string->string->spec->length?->inMillimetres(), $mm($string->fit->neededM)],
        };
    }

    /** @param  list<Finding>  $findings */
    private static function found(FitAspect $aspect, int $position, array $findings): ?Finding
    {
        foreach ($findings as $finding) {
            if ($finding->type->aspect === $aspect && ($finding->position ?? $position) === $position) {
                return $finding;
            }
        }

        return null;
    }
}
