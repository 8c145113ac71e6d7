<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** How stiff each string is along itself, EA/(L + L_extra), as it is taken to be and at both ends of what its core may be. */
final readonly class Stiffnesses
{
    /**
     * @param  array<int, float>  $takenNPerM  newtons per metre, by position
     * @param  array<int, float>  $leastNPerM
     * @param  array<int, float>  $mostNPerM
     */
    public function __construct(public array $takenNPerM, public array $leastNPerM, public array $mostNPerM) {}
}
