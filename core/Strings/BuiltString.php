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
        return $this->isAsLookedUp() ? [$this, $this->guessed(CoreGuess::Thinnest), $this->guessed(CoreGuess::Thickest)] : [$this];
    }

    /** With the thickest core it may have: as strong as it may be. */
    public function withThickestCore(): self
    {
        return $this->isAsLookedUp() ? $this->guessed(CoreGuess::Thickest) : $this;
    }

    private function isAsLookedUp(): bool
    {
        return $this->guess === CoreGuess::AsLookedUp && $this->guessesCore();
    }

    /** Worked out once for each string: choosing asks again and again. */
    private function guessed(CoreGuess $guess): self
    {
        /** @var \WeakMap<self, array<string, self>>|null $known */
        static $known = null;
        $known ??= new \WeakMap;
        /** @var array<string, self> $made */
        $made = $known[$this] ?? [];
        $one = $made[$guess->name] ?? self::with($this->spec, $this->kind, $this->measurements, $guess);
        $known[$this] = [$guess->name => $one] + $made;

        return $one;
    }

    private static function with(StringSpec $spec, Kind $kind, Measurements $measurements, CoreGuess $guess): self
    {
        $build = StringBuild::of($spec, $kind, $guess);
        $density = DensityModel::of($spec, $build, $measurements);

        return new self($spec, $build, $density, TensionLaw::of($density, $build), $kind, $measurements, $guess);
    }
}
