<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Instrument\Hand;
use Lira\Kind\UsualSetup;
use Lira\Wording\Listed;
use Lira\Wording\Statement;

/** A neck in words: what somebody would say who had its map before them. */
final readonly class NeckSays
{
    /** Nobody hears less between strings that are plucked one after the other. */
    private const HEARD_CENTS = 2.0;

    /** A nut that takes less off is not worth moving, cents. */
    private const NUT_HELPS_CENTS = 0.5;

    /** Two actions that differ by less are alike. */
    private const ALIKE_M = 0.02e-3;

    public function __construct(private WholeNeck $neck) {}

    /**
     * Where it is out of tune.
     *
     * @return list<Statement>
     */
    public function ofFrets(): array
    {
        if ($this->neck->frets === 0) {
            return [Saying::Fretless->with()];
        }
        $said = array_values(array_filter([$this->capo(), $this->worst(), ...$this->firstFrets(), $this->nut()]));
        foreach ($this->neck->strings as $string) {
            if ($string->best === null) {
                $said[] = Saying::NotKnown->with(['string' => $string->position]);
            }
        }

        return $said;
    }

    /**
     * How low the strings may lie for a hand.
     *
     * @param  ?self  $before  the set that is on it, or that one is used to
     * @return list<Statement>
     */
    public function ofAction(Hand $hand, ?self $before = null, string $beforeName = ''): array
    {
        $most = $this->neck->mostNeeded($hand);
        if ($most === null) {
            return [];
        }
        [$position, $needed] = $most;
        $setup = $this->neck->setup;
        $open = $needed->stoppedAt <= $this->neck->strings[$position - 1]->line->startFret;
        $said = [Saying::LowestAction->with([
            'hand' => $hand->value, 'needed_mm' => 1000 * $needed->actionM, 'string' => $position, 'at' => $open ? 'open' : 'stopped',
            'stopped' => $needed->stoppedAt, 'over' => $needed->overFret,
        ])];
        $spareM = $setup->action12M - $needed->actionM;
        if (! $setup->isMeasured('action_12_mm')) {
            $said[] = Saying::ActionUnmeasured->with(['action_mm' => 1000 * $setup->action12M]);
        } else {
            $said[] = (abs($spareM) < CleanAction::SET_TO_M ? Saying::ActionJust : ($spareM > 0.0 ? Saying::ActionSpare : Saying::ActionShort))->with(['action_mm' => 1000 * $setup->action12M, 'by_mm' => 1000 * abs($spareM)]);
        }
        $was = $before?->neck->mostNeeded($hand);
        if ($was !== null) {
            $moreM = $needed->actionM - $was[1]->actionM;
            if (abs($moreM) >= self::ALIKE_M) {
                $said[] = ($moreM > 0.0 ? Saying::ActionCosts : Saying::ActionGains)->with(['hand' => $hand->value, 'by_mm' => 1000 * abs($moreM), 'before' => $beforeName]);
            }
        }

        return $said;
    }

    /**
     * What warmth does.
     *
     * @param  float  $warmerK  from where it was tuned, kelvin; negative is colder
     * @return list<Statement>
     */
    public function ofWarmth(float $warmerK): array
    {
        $cents = [];
        foreach ($this->neck->strings as $string) {
            if ($string->centsPerK !== null) {
                $cents[$string->position] = $string->centsPerK * $warmerK;
            }
        }
        $said = [];
        if ($cents !== [] && $warmerK !== 0.0) {
            $most = self::furthest($cents);
            $said[] = Saying::Warmer->with(['degrees' => abs($warmerK), 'to' => $warmerK < 0.0 ? 'colder' : 'warmer', 'string' => $most, 'cents' => abs($cents[$most]), 'way' => self::way($cents[$most])]);
            $apart = max($cents) - min($cents);
            if ($apart >= self::HEARD_CENTS) {
                $ends = [(int) array_search(min($cents), $cents, true), (int) array_search(max($cents), $cents, true)];
                $said[] = Saying::PartCompany->with(['first' => min($ends), 'second' => max($ends), 'cents' => $apart]);
            }
        }
        $unknown = array_values(array_diff(array_map(static fn (NeckFigures $string): int => $string->position, $this->neck->strings), array_keys($cents)));
        if ($unknown !== []) {
            $said[] = Saying::WarmthNotKnown->with(['which' => $cents === [] ? 'all' : 'some', 'strings' => Listed::of($unknown)]);
        }

        return [...$said, Saying::Humidity->with()];
    }

    /**
     * What stopped pitches said.
     *
     * @return list<Statement>
     */
    public static function ofReadings(NeckRead $read): array
    {
        $frets = array_sum(array_map(count(...), $read->cents));
        $said = $frets < 2 ? [] : [Saying::ReadOff->with(['frets' => $frets, 'cents' => $read->offCents])];
        if ($read->nut !== null) {
            $range = $read->nut->range();
            $said[] = Saying::NutRead->with([
                'readings' => $read->nut->readings, 'many' => $read->nut->readings === 1 ? 'no' : 'yes', 'nut_mm' => 1000 * $range->estimate, 'low_mm' => 1000 * $range->low, 'high_mm' => 1000 * $range->high,
            ]);
        }
        if ($read->shareOf > 0) {
            $said[] = Saying::ShareRead->with(['strings' => $read->shareOf, 'many' => $read->shareOf === 1 ? 'no' : 'yes', 'share' => $read->share]);
        }
        foreach ($read->odd as $odd) {
            $said[] = Saying::OddFret->with(['fret' => $odd->fret, 'cents' => abs($odd->cents), 'way' => self::way($odd->cents), 'strings' => Listed::of($odd->positions)]);
        }

        return $said;
    }

    private function worst(): ?Statement
    {
        $worst = null;
        foreach ($this->neck->strings as $string) {
            foreach ($string->cents as $fret => $cents) {
                if ($fret - $string->line->startFret <= BestPlace::FRETS && ($worst === null || abs($cents->estimate) > abs($worst[2]->estimate))) {
                    $worst = [$string->position, $fret, $cents];
                }
            }
        }
        if ($worst === null) {
            return null;
        }
        [$position, $fret, $cents] = $worst;
        $last = min(BestPlace::FRETS, $this->neck->frets);
        if (abs($cents->estimate) < self::HEARD_CENTS) {
            return Saying::NoFretOff->with(['last' => $last, 'cents' => abs($cents->estimate), 'fret' => $fret, 'string' => $position]);
        }
        $flat = $cents->estimate < 0.0;

        return Saying::WorstFret->with([
            'last' => $last, 'fret' => $fret, 'string' => $position, 'cents' => abs($cents->estimate), 'way' => self::way($cents->estimate),
            'range' => $cents->width() >= 1.0 && ($flat ? $cents->high < 0.0 : $cents->low > 0.0) ? 'open' : 'closed',
            'low' => $flat ? -$cents->high : $cents->low, 'high' => $flat ? -$cents->low : $cents->high,
        ]);
    }

    /** @return list<Statement> the string whose first frets stand off the most, where anybody hears it */
    private function firstFrets(): array
    {
        $means = [];
        foreach ($this->neck->strings as $string) {
            // Nobody stops a drone in an open chord, and under a capo they begin elsewhere.
            $mean = $string->line->startFret > 0 || $this->neck->with->capoOn($string->position) > 0 ? null : $string->meanCents();
            if ($mean !== null) {
                $means[$string->position] = $mean;
            }
        }
        if ($means === []) {
            return [];
        }
        $position = self::furthest($means);
        $string = $this->neck->strings[$position - 1];
        $nutM = $string->bestWithNut->place->nutM ?? 0.0;
        $left = $string->firstFretsWithNut;
        $helps = $left !== null && $this->neck->with->ends !== EndsStand::Nut && abs($means[$position]) - abs($left) >= self::NUT_HELPS_CENTS;

        return abs($means[$position]) < self::HEARD_CENTS / 2 ? [] : [
            Saying::FirstFrets->with(['string' => $position, 'cents' => abs($means[$position]), 'way' => self::way($means[$position])]),
            ...($helps ? [Saying::NutHelps->with(['nut_mm' => 1000 * abs($nutM), 'to' => $nutM >= 0.0 ? 'saddle' : 'head', 'left' => abs($left)])] : []),
        ];
    }

    private function capo(): ?Statement
    {
        $fret = $this->neck->with->capo;
        $adds = [];
        foreach ($this->neck->strings as $string) {
            if ($fret > 0 && array_key_first($string->cents) === $fret && $this->neck->with->capoOn($string->position) === $fret) {
                $adds[$string->position] = $string->cents[$fret]->estimate;
            }
        }
        if ($adds === []) {
            return null;
        }
        $most = (int) array_search(max($adds), $adds, true);

        return $adds[$most] < self::HEARD_CENTS / 2 ? null : Saying::CapoAdds->with(['fret' => $fret, 'string' => $most, 'cents' => $adds[$most]]);
    }

    private function nut(): ?Statement
    {
        $setup = $this->neck->setup;

        return $setup->isMeasured('nut_height_mm') || $this->neck->with->nutHeightM !== null ? null
            : Saying::NutUnmeasured->with(['nut_mm' => 1000 * $setup->nutHeightM, 'varies_mm' => 1000 * UsualSetup::NUT_VARIES_M]);
    }

    /** @param  non-empty-array<int, float>  $cents */
    private static function furthest(array $cents): int
    {
        $furthest = array_key_first($cents);
        foreach ($cents as $position => $each) {
            $furthest = abs($each) > abs($cents[$furthest]) ? $position : $furthest;
        }

        return $furthest;
    }

    private static function way(float $cents): string
    {
        return $cents < 0.0 ? 'flat' : 'sharp';
    }
}
