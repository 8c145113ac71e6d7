<?php

declare(strict_types=1);

namespace Lira\Practice;

use Lira\Coupling\Compliance;
use Lira\Evaluation\EvaluatedString;
use Lira\Instrument\Instrument;
use Lira\Settling\Creep;

/**
 * An instrument that is not there: its strings pull each other as coupled strings do, give as they seat and creep, and are read with
 * a spread. What is done to it is replayed from its seed, so that the same always comes to the same.
 */
final class SimulatedInstrument
{
    private const TAU_S = 60.0;

    /** Of its length at pitch an elastomer string was stretched by so much as it was fitted: 0.4/1.4. */
    private const STRETCHED = 0.4 / 1.4;

    /** @var array<int, float> how far each was wound since the beginning, metres */
    private array $windings = [];

    /** @var array<int, int> rounds of pulling */
    private array $pulled = [];

    /** @var array<int, float> what seating and creep have taken, metres */
    private array $given = [];

    /** @var array<int, float> */
    private array $moved = [];

    /** @var array<int, float> what those pull that neither move the ends nor are moved by them (elastomer), newtons */
    private array $apartN = [];

    private float $nowS = 0.0;

    private int $readings = 0;

    /** @var array<int, float> what each pulls before anything is done, newtons */
    private readonly array $startN;

    private readonly float $complianceMPerN;

    private readonly Hidden $hidden;

    /**
     * @param  list<EvaluatedString>  $strings  string 1 first
     * @param  int  $tuning  that it should come to
     */
    public function __construct(private readonly Instrument $instrument, private readonly array $strings, private readonly int $tuning, private readonly int $seed)
    {
        $this->hidden = Hidden::ofSeed($seed, count($strings));
        $this->complianceMPerN = Compliance::usualMPerN($instrument->kind, $instrument->hardware) * $this->hidden->complianceFactor;
        $start = [];
        foreach ($strings as $index => $string) {
            $start[$string->position] = $this->tensionN($string, $this->hidden->strings[$index]['startCents']);
            $this->windings[$string->position] = 0.0;
            $this->given[$string->position] = 0.0;
            $this->pulled[$string->position] = 0;
            $this->moved[$string->position] = 0.0;
            if ($this->stiffnessNPerM($string) <= 0.0) {
                $this->apartN[$string->position] = $start[$string->position];
            }
        }
        $this->startN = $start;
    }

    /** Turns a tuner. @param  float  $turns  of its knob, positive tightens */
    public function turn(int $position, float $turns): void
    {
        $posts = $this->instrument->hardware->posts;
        $this->wind($position, $turns / $posts->gearRatio * M_PI * ($posts->diameterM ?? 0.006));
    }

    /** Winds a string until it stands so far from its pitch, as somebody does who watches a tuner. */
    public function tuneTo(int $position, float $cents): void
    {
        $string = $this->string($position);
        $stiffness = $this->stiffnessNPerM($string);
        $goal = $this->tensionN($string, $cents);
        $present = $this->tensionsN()[$position];
        if ($stiffness <= 0.0) {
            $this->apartN[$position] = $goal;

            return;
        }
        // Its own winding moves the ends, too: ΔT = k δ (1 − C k/(1 + C K)).
        $gives = 1 - $this->complianceMPerN * $stiffness / (1 + $this->complianceMPerN * $this->allNPerM());
        $this->wind($position, ($goal - $present) / ($stiffness * $gives));
    }

    /** Pulls every string as one stretches new ones: each seats by its own share of what is left. */
    public function pull(): void
    {
        foreach ($this->strings as $index => $string) {
            ['ratio' => $ratio, 'firstDriftCents' => $first] = $this->hidden->strings[$index];
            $this->give($string, $first * $ratio ** $this->pulled[$string->position]);
            $this->pulled[$string->position]++;
        }
    }

    /** Leaves it alone. */
    public function wait(float $seconds): void
    {
        foreach ($this->strings as $index => $string) {
            $creep = Creep::of($string->string, $string->tunings[$this->tuning]->tensionN, []);
            $decades = log10(($this->nowS + $seconds + self::TAU_S) / ($this->nowS + self::TAU_S));
            $this->give($string, (float) $creep?->centsPerDecade * $this->hidden->strings[$index]['creepFactor'] * $decades);
        }
        $this->nowS += $seconds;
    }

    /** Moves a saddle. @param  float  $metres  positive away from the nut */
    public function moveSaddle(int $position, float $metres): void
    {
        $this->moved[$position] += $metres;
    }

    /** Where a string sounds open, as it is read: with half a cent of spread. Cents from its pitch. */
    public function read(int $position): float
    {
        return $this->cents($position) + Hidden::spreadCents($this->seed, $this->readings++);
    }

    /** Where it really sounds. */
    public function cents(int $position): float
    {
        $at = $this->string($position)->tunings[$this->tuning];
        $tension = max(1e-6, $this->tensionsN()[$position]);

        return 1200 * log($this->string($position)->string->tension->frequencyHz($tension, $at->speakingLengthM) / $at->frequencyHz, 2);
    }

    /** How sharp the note at the 12th fret is, as it is read twice. Cents. */
    public function stoppedErrorCents(int $position): float
    {
        $spread = Hidden::spreadCents($this->seed, $this->readings++) - Hidden::spreadCents($this->seed, $this->readings++);
        $length = $this->string($position)->speakingLengthM;

        return ($this->bestSetbackM($position) - $this->moved[$position]) * 1200 / (M_LN2 * $length) + $spread;
    }

    /** Where its saddle plays in tune, behind where it stood at first. Metres. */
    public function bestSetbackM(int $position): float
    {
        $range = $this->string($position)->tunings[$this->tuning]->setbackM;
        $share = $this->hidden->strings[$position - 1]['setbackShare'];

        return $range === null ? 0.0 : $range->low + $share * ($range->high - $range->low);
    }

    /** @return array{complianceMPerN: float, strings: list<array{ratio: float, firstDriftCents: float, creepFactor: float, setbackM: float}>} what it kept to itself */
    public function hidden(): array
    {
        return ['complianceMPerN' => $this->complianceMPerN, 'strings' => array_map(fn (EvaluatedString $string, array $own): array => [
            'ratio' => $own['ratio'], 'firstDriftCents' => $own['firstDriftCents'], 'creepFactor' => $own['creepFactor'],
            'setbackM' => $this->bestSetbackM($string->position),
        ], $this->strings, $this->hidden->strings)];
    }

    private function wind(int $position, float $metres): void
    {
        if (isset($this->apartN[$position])) {
            $at = $this->string($position)->tunings[$this->tuning];
            $this->apartN[$position] = max(0.0, $this->apartN[$position] + $metres * $at->tensionN / (self::STRETCHED * $at->speakingLengthM));

            return;
        }
        $this->windings[$position] += $metres;
    }

    /** Loses so many cents. */
    private function give(EvaluatedString $string, float $cents): void
    {
        if (isset($this->apartN[$string->position])) {
            $this->apartN[$string->position] *= 2 ** (-2 * $cents / 1200);

            return;
        }
        $stiffness = $this->stiffnessNPerM($string);
        $tension = $string->tunings[$this->tuning]->tensionN;
        $this->given[$string->position] += $stiffness <= 0.0 ? 0.0 : $tension * (1 - 2 ** (-2 * $cents / 1200)) / $stiffness;
    }

    /** @return array<int, float> newtons, by position: T⁰ + k (δ − u), u = C Σ k δ/(1 + C K) */
    private function tensionsN(): array
    {
        $wound = 0.0;
        foreach ($this->strings as $string) {
            $wound += $this->stiffnessNPerM($string) * ($this->windings[$string->position] - $this->given[$string->position]);
        }
        $moved = $this->complianceMPerN * $wound / (1 + $this->complianceMPerN * $this->allNPerM());
        $tensions = [];
        foreach ($this->strings as $string) {
            $position = $string->position;
            $tensions[$position] = $this->apartN[$position] ?? $this->startN[$position] + $this->stiffnessNPerM($string) * ($this->windings[$position] - $this->given[$position] - $moved);
        }

        return $tensions;
    }

    private function allNPerM(): float
    {
        return array_sum(array_map($this->stiffnessNPerM(...), $this->strings));
    }

    private function stiffnessNPerM(EvaluatedString $string): float
    {
        return (float) $string->string->build->core?->strungStiffnessN()
            / ($string->tunings[$this->tuning]->speakingLengthM + $this->instrument->setup->extraLengthM);
    }

    private function tensionN(EvaluatedString $string, float $cents): float
    {
        $at = $string->tunings[$this->tuning];

        return $string->string->tension->tensionN($at->speakingLengthM, $at->frequencyHz * 2 ** ($cents / 1200));
    }

    private function string(int $position): EvaluatedString
    {
        return $this->strings[$position - 1];
    }
}
