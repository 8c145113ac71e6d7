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
        private bool $isAsTaken,
    ) {}

    /**
     * @param  Kind  $kind  of the instrument it is made for: it decides the usual core
     * @param  Measurements  $measurements  of samples: they correct the model, and may know its core
     *
     * @throws InvalidString if it cannot be made as described, or is polyurethane without a strung density
     */
    public static function of(StringSpec $spec, Kind $kind, Measurements $measurements = new Measurements): self
    {
        return self::with($measurements->known($spec), $kind, $measurements);
    }

    /** Whether its core is a polymer: nylon, gut, an elastomer. */
    public function isPolymer(): bool
    {
        return $this->build->core?->material->properties()->polymer === true;
    }

    /** Whether its core is only looked up by its gauge. */
    public function guessesCore(): bool
    {
        return StringBuild::guessesCore($this->spec);
    }

    /**
     * What it may be: itself as it is taken to be, and where something about its core is a guess also at the ends of that.
     *
     * @return non-empty-list<self> itself first
     */
    public function possible(): array
    {
        if (! $this->isAsTaken) {
            return [$this];
        }
        // Worked out once for each string: choosing asks again and again.
        /** @var \WeakMap<self, list<self>>|null $known */
        static $known = null;
        $known ??= new \WeakMap;
        /** @var list<self> $others */
        $others = $known[$this] ??= array_map(
            fn (CoreGuess $guess): self => self::with($this->spec, $this->kind, $this->measurements, $guess),
            CoreGuess::corners($this->guessesCore(), $this->build->core?->material->properties()->modulusVaries > 0.0),
        );

        return [$this, ...$others];
    }

    private static function with(StringSpec $spec, Kind $kind, Measurements $measurements, ?CoreGuess $guess = null): self
    {
        $build = StringBuild::of($spec, $kind, $guess);
        $density = DensityModel::of($spec, $build, $measurements);

        return new self($spec, $build, $density, TensionLaw::of($density, $build), $kind, $measurements, $guess === null);
    }
}
