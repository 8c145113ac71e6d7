<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Instrument\BuiltFor;
use Lira\Instrument\Pickup;
use Lira\Instrument\Usual;
use Lira\Limit\Limits;
use Lira\Material\Material;
use Lira\Strings\BuiltString;

/** Strings that the pickup cannot hear, or that pull apart what was built for others. */
final class MaterialSuits implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $instrument = $design->instrument;
        $usual = Usual::for($instrument->kind);
        $pickup = $instrument->hardware->pickup ?? $usual->pickup;
        $builtFor = $instrument->hardware->builtFor ?? $usual->builtFor;
        $found = [];
        foreach ($evaluation->strings as $string) {
            $finding = match (true) {
                $builtFor === BuiltFor::Nylon && self::steelCore($string->string) => Finding::stop('steel-on-nylon', Remedy::String, "String {$string->position} has a steel core and this instrument was built for nylon: steel pulls it apart. Use nylon, fluorocarbon or synthetic gut."),
                $pickup === Pickup::Magnetic && ! self::magnetic($string->string) => Finding::caution('not-magnetic', Remedy::String, "A magnetic pickup cannot hear string {$string->position}: it has neither steel nor nickel in it."),
                $pickup === Pickup::Magnetic && self::bronze($string->string) => Finding::caution('bronze-on-magnetic', Remedy::String, "String {$string->position} is bronze: a magnetic pickup hears only its core, and it comes out weak. Use nickel or steel wrap."),
                default => null,
            };
            if ($finding !== null) {
                $found[] = $finding->onString($string->position);
            }
        }

        return $found;
    }

    private static function steelCore(BuiltString $string): bool
    {
        return $string->build->core?->material === Material::MusicWire;
    }

    private static function magnetic(BuiltString $string): bool
    {
        foreach ($string->build->wraps as $wrap) {
            if ($wrap->material()->properties()->magnetic) {
                return true;
            }
        }

        return $string->build->core?->material->properties()->magnetic ?? false;
    }

    private static function bronze(BuiltString $string): bool
    {
        return $string->spec->type->material === Material::PhosphorBronze || $string->spec->type->material === Material::Bronze8020;
    }
}
