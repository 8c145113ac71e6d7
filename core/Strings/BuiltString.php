<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Kind\Kind;

/** A string as described, as it is built, what it weighs, and how it pulls: everything about it but where it is strung. */
final readonly class BuiltString
{
    private function __construct(
        public StringSpec $spec,
        public StringBuild $build,
        public LinearDensity $density,
        public TensionLaw $tension,
        private Kind $kind,
        private Measurements $measurements,
        private CoreGuess $guess,
    ) {}

    /**
     * @param  Kind  $kind  of the instrument it is made for: it decides the usual core
     * @param  Measurements  $measurements  of samples: they correct the model, and may know its core
     *
     * @throws InvalidString if it cannot be made as described, or is polyurethane without a strung density
     */
    public static function of(StringSpec $spec, Kind $kind, Measurements $measurements = new Measurements): self
    {
        return self::with($measurements->known($spec), $kind, $measurements, CoreGuess::AsLookedUp);
    }

    /** Whether its core is only looked up by its gauge. */
    public function guessesCore(): bool
    {
        return StringBuild::guessesCore($this->spec);
    }

    /**
     * What it may be: itself, and where its core is a guess also with the thinnest and with the thickest core it may have.
     *
     * @return non-empty-list<self> itself first
     */
    public function possible(): array
    {
        return ! $this->guessesCore() || $this->guess !== CoreGuess::AsLookedUp ? [$this] : [
            $this,
            self::with($this->spec, $this->kind, $this->measurements, CoreGuess::Thinnest),
            $this->withThickestCore(),
        ];
    }

    /** With the thickest core it may have: as strong as it may be. */
    public function withThickestCore(): self
    {
        return $this->guessesCore() ? self::with($this->spec, $this->kind, $this->measurements, CoreGuess::Thickest) : $this;
    }

    private static function with(StringSpec $spec, Kind $kind, Measurements $measurements, CoreGuess $guess): self
    {
        $build = StringBuild::of($spec, $kind, $guess);
        $density = DensityModel::of($spec, $build, $measurements);

        return new self($spec, $build, $density, TensionLaw::of($density, $build), $kind, $measurements, $guess);
    }
}
