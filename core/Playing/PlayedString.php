<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Certainty\Interval;
use Lira\Feel\Displaced;
use Lira\Length\Frets;
use Lira\Stiffness\Inharmonicity;

/**
 * A string stopped at any fret of its neck: how far from equal temperament it sounds. Pressing it down stretches it, and its stiffness
 * counts for more the shorter it is; without stiffness the figure is understated, with clamped ends overstated (physics 8 and 16).
 */
final readonly class PlayedString
{
    /**
     * @param  float  $tensionN  at the scale length, newtons, above 0
     * @param  float  $stiffnessN  EA under load, newtons
     * @param  float  $bendingNm2  EI as stiff as its core can be, N·m²
     * @param  float  $extraM  string beyond nut and saddle that stretches along, metres
     * @param  int  $heldAt  fret at which a capo holds it that was put on after it was tuned; 0 for none
     */
    public function __construct(
        public StringLine $line,
        public float $tensionN,
        public float $stiffnessN,
        public float $bendingNm2,
        public float $extraM = 0.0,
        public int $heldAt = 0,
    ) {}

    /** The same over another nut. @param  float  $nutHeightM  0 or more */
    public function overNut(float $nutHeightM): self
    {
        return new self($this->line->overNut($nutHeightM), $this->tensionN, $this->stiffnessN, $this->bendingNm2, $this->extraM, $this->heldAt);
    }

    /** The same under a capo that is put on as it is tuned: what it adds, no tuner takes away. @param  int  $fret  0 for none */
    public function heldAt(int $fret): self
    {
        return new self($this->line, $this->tensionN, $this->stiffnessN, $this->bendingNm2, $this->extraM, $fret > $this->line->startFret ? $fret : 0);
    }

    /**
     * How sharp a fret sounds against the open string (or its capo): 1200 log2[(√T₂/l · factor₁(T₂, l))/(√T/L · factor₁(T, L))] − 100 k.
     *
     * @param  int  $fret  beyond where it begins to sound, to 36
     * @return Interval cents: without stiffness, with clamped ends, and half way between; positive is sharp
     *
     * @throws \Lira\Length\InvalidLength if there is no such fret
     */
    public function cents(int $fret, Placement $place): Interval
    {
        [$stretched, $stiff] = $this->parts($fret, $place);

        return Interval::around($stretched + $stiff / 2, $stretched, $stretched + $stiff);
    }

    /**
     * @param  float  $share  of what clamped ends would add that really comes, 0 to 1
     * @return float cents
     */
    public function centsAt(int $fret, Placement $place, float $share = 0.5): float
    {
        [$stretched, $stiff] = $this->parts($fret, $place);

        return $stretched + $share * $stiff;
    }

    /** @return array{float, float} cents by stretch and lengths alone, and what clamped ends add to them */
    private function parts(int $fret, Placement $place): array
    {
        // A capo sounds as its fret does; where the nut stands counts for nothing then.
        $nutM = $this->line->isCapoed() ? 0.0 : $place->nutM;
        $openM = $this->line->soundingM() + $place->setbackM - $nutM;
        $toSaddle = Frets::speakingM($this->line->fullM, $fret) + $place->setbackM;
        $toStart = $openM - $toSaddle;
        $pressedN = $this->tensionN + $this->stiffnessN * $this->addedM($fret, $toSaddle, $toStart, $nutM) / ($openM + $this->extraM);
        $stretched = 1200 * log(sqrt($pressedN / $this->tensionN) * $openM / $toSaddle, 2) - 100 * ($fret - $this->line->startFret);
        $stiff = 1200 * log(
            Inharmonicity::clampedFactor($this->bendingNm2, $pressedN, $toSaddle) / Inharmonicity::clampedFactor($this->bendingNm2, $this->tensionN, $openM), 2,
        );

        return [$stretched, $stiff];
    }

    /** How much longer it is where it is pressed down at a fret, and held at another before it. */
    private function addedM(int $fret, float $toSaddle, float $toStart, float $nutM): float
    {
        $height = $this->line->heightM($fret);
        if ($this->heldAt === 0 || $this->heldAt >= $fret) {
            return Displaced::addedLengthM($toSaddle, $toStart, $height);
        }
        $held = $this->line->heightM($this->heldAt);
        $toHeld = $this->line->alongM($this->heldAt) - $this->line->alongM($this->line->startFret) - $nutM;

        return Displaced::slantedM($toHeld, $held) + Displaced::slantedM($toStart - $toHeld, $height - $held) + Displaced::slantedM($toSaddle, $height);
    }
}
