<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Instrument\BuiltFor;
use Lira\Instrument\Pickup;
use Lira\Instrument\Usual;
use Lira\Material\Material;
use Lira\Strings\BuiltString;

/** What an instrument was built for and hears, and what a string has in it: what the findings about materials go by. */
final readonly class Suitability
{
    private function __construct(public bool $builtForNylon, public bool $hearsMagnetically) {}

    /**
     * A steel core pulls apart what is usually built for nylon, so that holds unless it was recorded otherwise. Which pickup there is
     * hurts nothing: it counts only where it was recorded.
     */
    public static function of(SetDesign $design): self
    {
        $usual = Usual::for($design->instrument->kind);
        $hardware = $design->instrument->hardware;

        return new self(
            ($hardware->builtFor ?? $usual->builtFor) === BuiltFor::Nylon,
            $hardware->pickup === Pickup::Magnetic,
        );
    }

    /** Whether a steel core would pull apart what was built for nylon. */
    public function isPulledApartBy(BuiltString $string): bool
    {
        return $this->builtForNylon && $string->build->core?->material === Material::MusicWire;
    }

    public static function isMagnetic(BuiltString $string): bool
    {
        foreach ($string->build->wraps as $wrap) {
            if ($wrap->material()->properties()->magnetic) {
                return true;
            }
        }

        return $string->build->core?->material->properties()->magnetic ?? false;
    }

    public static function isBronze(BuiltString $string): bool
    {
        return $string->spec->type->material === Material::PhosphorBronze || $string->spec->type->material === Material::Bronze8020;
    }
}
