<?php

declare(strict_types=1);

namespace Lira\Coupling;

/** What an instrument may really be: how far its ends give, and how stiff its strings are. */
final readonly class Ends
{
    /**
     * @param  float  $complianceMPerN  at least 0
     * @param  array<int, float>  $stiffnessNPerM  newtons per metre, by position
     */
    public function __construct(public float $complianceMPerN, public array $stiffnessNPerM) {}
}
