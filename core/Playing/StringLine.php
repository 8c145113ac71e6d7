<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Instrument\Setup;
use Lira\Length\Frets;
use Lira\Length\Scale;

/**
 * One string from the side: how far along the neck its frets stand, and how high it hangs over them. Metres; along the neck from the line
 * of the nut, heights from the straight line on which the fret tops lie but for the relief.
 */
final readonly class StringLine
{
    /** Where the action is measured. */
    private const AT = 12;

    /** Relief is measured between the nut and this fret; beyond, the frets stand in one line. */
    private const RELIEF_TO = 14;

    /**
     * @param  float  $fullM  from the nut's line to the end of the scale that the frets are laid out for
     * @param  int  $pegFret  where the string itself begins: 0 the nut, or the fret at which a short string has its peg
     * @param  int  $startFret  where it begins to sound: there, or at a capo beyond it
     */
    private function __construct(
        public float $fullM,
        public int $pegFret,
        public int $startFret,
        public float $nutHeightM,
        public float $action12M,
        public float $reliefM,
    ) {}

    /**
     * @param  int  $position  1 to the number of strings
     * @param  int  $capo  fret of a capo, 0 for none; a string that begins beyond it is not touched
     */
    public static function of(Scale $scale, Setup $setup, int $position, int $strings, int $capo = 0): self
    {
        $peg = $scale->startFret($position);

        return new self($scale->fullLengthM($position, $strings), $peg, max($peg, $capo), $setup->nutHeightM, $setup->action12M, $setup->reliefM);
    }

    /** The same over a nut that lets it hang so high. @param  float  $nutHeightM  0 or more */
    public function overNut(float $nutHeightM): self
    {
        return new self($this->fullM, $this->pegFret, $this->startFret, $nutHeightM, $this->action12M, $this->reliefM);
    }

    /** The same with another action. */
    public function withAction(float $action12M): self
    {
        return new self($this->fullM, $this->pegFret, $this->startFret, $this->nutHeightM, $action12M, $this->reliefM);
    }

    /** The same with so much relief. */
    public function withRelief(float $reliefM): self
    {
        return new self($this->fullM, $this->pegFret, $this->startFret, $this->nutHeightM, $this->action12M, $reliefM);
    }

    /** Whether it sounds from a capo, not from its nut. */
    public function isCapoed(): bool
    {
        return $this->startFret > $this->pegFret;
    }

    /** From the nut's line to a fret; 0 is the nut. */
    public function alongM(int $fret): float
    {
        return $this->fullM - Frets::speakingM($this->fullM, $fret);
    }

    /** From where it begins to sound to the end of the scale. */
    public function soundingM(): float
    {
        return Frets::speakingM($this->fullM, $this->startFret);
    }

    /** How high it hangs over a fret beyond its start, the neck taken as straight. */
    public function heightM(int $fret): float
    {
        [$height, $from] = $this->isCapoed() ? [$this->saddleHeightM(0.0, 0.0), $this->fullM] : [$this->action12M, $this->alongM($this->readAt())];
        $start = $this->isCapoed() ? 0.0 : $this->nutHeightM;
        $begins = $this->alongM($this->startFret);

        return $start + ($height - $start) * ($this->alongM($fret) - $begins) / ($from - $begins);
    }

    /** The height of a fret's top: below the line where the neck is hollow. */
    public function fretTopM(int $fret): float
    {
        return $fret >= self::RELIEF_TO ? 0.0
            : -$this->reliefM * (1 - cos(2 * M_PI * $this->alongM($fret) / $this->alongM(self::RELIEF_TO))) / 2;
    }

    /**
     * How high its saddle stands, for its action over the tops as they stand.
     *
     * @param  float  $setbackM  of the saddle behind the end of the scale
     * @param  ?float  $reliefM  0 for a neck taken as straight; its own where left out
     */
    public function saddleHeightM(float $setbackM, ?float $reliefM = null): float
    {
        $line = $reliefM === null || $reliefM === $this->reliefM ? $this : $this->withRelief($reliefM);
        $nut = $line->pegHeightM();

        return $nut + ($this->action12M + $line->fretTopM($this->readAt()) - $nut) * $this->perActionAt($setbackM);
    }

    /** By how much the saddle stands higher for each metre of action. @param  float  $setbackM  of the saddle behind the end of the scale */
    public function perActionAt(float $setbackM): float
    {
        $peg = $this->alongM($this->pegFret);

        return ($this->fullM + $setbackM - $peg) / ($this->alongM($this->readAt()) - $peg);
    }

    /** The action that goes with a saddle of some height. @param  float  $setbackM  of the saddle behind the end of the scale */
    public function actionM(float $saddleHeightM, float $setbackM): float
    {
        $nut = $this->pegHeightM();

        return $nut + ($saddleHeightM - $nut) / $this->perActionAt($setbackM) - $this->fretTopM($this->readAt());
    }

    /** Where it leaves its nut, or its peg's own. */
    private function pegHeightM(): float
    {
        return $this->nutHeightM + $this->fretTopM($this->pegFret);
    }

    /** Where it begins to sound: its nut, or a capo that holds it on the fret. */
    public function startHeightM(): float
    {
        return $this->isCapoed() ? $this->fretTopM($this->startFret) : $this->pegHeightM();
    }

    /** The fret over which its action is read: its own octave where it begins further up. */
    private function readAt(): int
    {
        return $this->pegFret < self::AT ? self::AT : $this->pegFret + self::AT;
    }
}
