<?php

declare(strict_types=1);

namespace Lira\Care;

use Lira\Instrument\Fingerboard;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;

/** What decides which care an instrument wants. */
final readonly class Look
{
    /**
     * @param  ?Fingerboard  $fingerboard  null where nobody said it
     * @param  ?Anchor  $anchor  null where nobody said it
     * @param  bool  $hasSprings  whether its bridge floats on springs
     * @param  bool  $hasRod  whether a truss rod can be turned
     * @param  bool  $isFretless  so that it has no relief to speak of at frets
     */
    public function __construct(
        public Kind $kind,
        public ?Fingerboard $fingerboard = null,
        public ?Anchor $anchor = null,
        public bool $hasSprings = false,
        public bool $hasRod = true,
        public bool $isFretless = false,
        public Place $place = Place::Unsaid,
        public string $owner = '',
    ) {}
}
