<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Fitting\School\Cut;
use Lira\Fitting\School\Schools;
use Lira\Instrument\Hardware;
use Lira\Kind\PostType;
use Lira\Material\Material;
use Lira\Strings\BuiltString;

/** Where the end behind the post is cut, and how much of it stays: nothing sharp stands beside a hand that stretches and plays. */
final readonly class Tail
{
    private const USUAL_M = 0.008;

    /** Gut keeps an inch, locked under itself, until it has taken its load. */
    private const GUT_M = 0.025;

    /** A post that clamps it holds it without one. */
    private const LOCKED_M = 0.002;

    /**
     * @param  string  $step  the key of the step in which it is cut; of gut, in which its end is sealed
     * @param  float  $leftM  what stands past the post then
     */
    private function __construct(public string $step, public float $leftM, public bool $isGut) {}

    /** @param  string  $tuned  the key of the step in which the string comes to its pitch */
    public static function of(BuiltString $string, int $position, Hardware $hardware, Schools $schools, string $tuned): self
    {
        $isGut = $string->spec->type->material === Material::SyntheticGut;

        return new self(
            match (true) {
                $isGut => 'seal-ends',
                $schools->cut->school === Cut::Before => "fit:{$position}",
                default => $tuned,
            },
            $isGut ? self::GUT_M : match ($hardware->posts->type) {
                PostType::Locking => self::LOCKED_M,
                // Its end is down in the post.
                PostType::Slotted => 0.0,
                PostType::Standard, PostType::Roller, PostType::BanjoFifth, PostType::Elastomer => self::USUAL_M,
            },
            $isGut,
        );
    }
}
