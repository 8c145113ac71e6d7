<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Kind\BuiltFor;
use Lira\Kind\Pickup;
use Lira\Material\Material;
use Lira\Strings\BuiltString;

/** What an instrument was built for and hears, and what a string has in it: what the findings about materials go by. */
final readonly class Suitability
{
    private function __construct(public bool $builtForNylon, public bool $hearsMagnetically) {}

    /**
     * A steel core pulls apart what is usually built for nylon, and an electric guitar is usually heard by magnets: both hold unless they
     * were recorded otherwise.
     */
    public static function of(SetDesign $design): self
    {
        $hardware = $design->instrument->hardware;

        return new self($hardware->builtFor === BuiltFor::Nylon, $hardware->pickup === Pickup::Magnetic);
    }

    /** Whether a steel core would pull apart what was built for nylon. */
    public function isPulledApartBy(BuiltString $string): bool
    {
        return $this->builtForNylon && $string->build->core?->material === Material::MusicWire;
    }

    /** Whether its pickup hears more of a string than a core under bronze. */
    public function isHeard(BuiltString $string): bool
    {
        return ! $this->hearsMagnetically || (self::isMagnetic($string) && ! self::isBronze($string));
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
