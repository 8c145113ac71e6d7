<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Evaluation\EvaluatedString;
use Lira\Material\Material;

/** How much strings go on giving once they are at pitch: steel hardly, polymers for days, elastomers for weeks. */
enum Softness: int
{
    case Steel = 0;
    case Polymer = 1;
    case Elastomer = 2;

    private const PLAYED_S = 1800;

    private const DAY_S = 86_400;

    /** @param  list<EvaluatedString>  $strings  steel where there are none */
    public static function ofSoftest(array $strings): self
    {
        return self::from(max([self::Steel->value, ...array_map(static fn (EvaluatedString $string): int => self::of($string)->value, $strings)]));
    }

    /** @return non-empty-list<string> what to do until it holds, in clauses */
    public function waiting(): array
    {
        return match ($this) {
            self::Steel => ['play 15 to 30 minutes', 'or leave it a day or two'],
            self::Polymer => ['nylon holds after some days', 'tune whenever you pass it'],
            self::Elastomer => ['they go on giving for weeks', 'tune before each playing'],
        };
    }

    public function restsS(): int
    {
        return match ($this) {
            self::Steel => self::PLAYED_S,
            self::Polymer => 3 * self::DAY_S,
            self::Elastomer => 7 * self::DAY_S,
        };
    }

    private static function of(EvaluatedString $string): self
    {
        return match (true) {
            $string->string->spec->type->material === Material::Polyurethane => self::Elastomer,
            $string->string->isPolymer() => self::Polymer,
            default => self::Steel,
        };
    }
}
