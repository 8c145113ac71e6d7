<?php

declare(strict_types=1);

namespace Lira\Fit;

use Lira\Kind\PostType;

/** The post that a string is wound on. */
final readonly class OnPost
{
    /**
     * @param  float  $diameterM  metres
     * @param  ?float  $socketM  depth of a slotted post's socket, metres; the usual one where it is not known
     */
    public function __construct(public PostType $type, public float $diameterM, public ?float $socketM = null) {}
}
