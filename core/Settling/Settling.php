<?php

declare(strict_types=1);

namespace Lira\Settling;

use Lira\Strings\BuiltString;

/** When a new string holds: seated by rounds of pulling, and done creeping. */
final readonly class Settling
{
    public const TOLERANCE_CENTS = 3.0;

    /** Of rest or play after the last round. */
    private const RESTS_STEEL_S = 1200.0;

    private const RESTS_POLYMER_S = 21_600.0;

    /**
     * @param  ?int  $roundsLeft  as likely more as fewer; null where nothing was read
     * @param  ?int  $roundsMost  that suffice in nine cases of ten; null where nothing was read, or none do
     * @param  ?float  $nextDriftCents  a positive number
     * @param  ?float  $centsPerDecade  of creep; null where it is not known
     * @param  ?float  $creepHoldsAfterS  counted from when it was tuned
     * @param  ?float  $holdsAfterS  all in all; null while rounds are left, or something is not known
     */
    private function __construct(
        public float $ratio,
        public ?int $roundsLeft,
        public ?int $roundsMost,
        public ?float $nextDriftCents,
        public ?float $centsPerDecade,
        public ?float $creepHoldsAfterS,
        public ?float $holdsAfterS,
    ) {}

    /**
     * @param  list<float>  $driftsCents  found before each retune, the first first; flat is negative
     * @param  list<array{tunedS: float, readS: float, cents: float}>  $readings  between retunes
     */
    public static function of(
        BuiltString $string,
        float $tensionN,
        array $driftsCents,
        array $readings,
        float $toleranceCents = self::TOLERANCE_CENTS,
    ): self {
        $seating = Seating::of($driftsCents);
        $creep = Creep::of($string, $tensionN, $readings);
        $rounds = $seating->roundsLeft($toleranceCents);
        $creepS = $creep?->holdsAfterS($toleranceCents);
        $core = $string->build->core;
        $rests = $core === null || $core->material->properties()->polymer ? self::RESTS_POLYMER_S : self::RESTS_STEEL_S;

        return new self(
            $seating->ratio,
            $rounds,
            $seating->roundsMost($toleranceCents),
            $seating->nextCents(),
            $creep?->centsPerDecade,
            $creepS,
            $rounds !== 0 || $creepS === null ? null : max($creepS, $rests),
        );
    }
}
