<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;
use Lira\Playing\WholeNeck;

/** A set's figures, and what is to be said about it by them. */
final readonly class Assessment
{
    /** @param  list<Finding>  $findings  what must stop one first */
    private function __construct(public SetEvaluation $evaluation, public array $findings) {}

    public static function of(SetDesign $design, SetEvaluation $evaluation, Limits $limits): self
    {
        return new self($evaluation, Rulebook::look($design, $evaluation, $limits));
    }

    /** With what is to be said of how it plays in its first tuning: where it is fitted, printed or finished. */
    public function played(SetDesign $design, Limits $limits): self
    {
        $neck = new WholeNeck($design, $this->evaluation, 0);

        return new self($this->evaluation, Rulebook::graveFirst([...$this->findings, ...Rulebook::lookAlong($design, $neck, $limits)]));
    }
}
