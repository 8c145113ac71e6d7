<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Kind\Kind;
use Lira\Kind\PostType;
use Lira\Length\Scale;

/** An instrument as far as strings are concerned. */
final readonly class Instrument
{
    public Hardware $hardware;

    public Setup $setup;

    /**
     * @param  ?Hardware  $hardware  what is usual of its kind if left out
     * @param  ?Setup  $setup  the same
     */
    public function __construct(
        public string $name,
        public Kind $kind,
        public Scale $scale,
        ?Hardware $hardware = null,
        ?Setup $setup = null,
        public Neck $neck = new Neck,
        public Courses $courses = new Courses,
    ) {
        $this->hardware = $hardware ?? new Hardware(kind: $kind);
        $this->setup = $setup ?? Setup::usualFor($kind);
    }

    /** What holds a string at the other end: one that starts along the neck has its peg there. */
    public function postType(int $position): PostType
    {
        $type = $this->hardware->posts->type;
        $isShort = $this->scale->startFret($position) > 0;

        return match (true) {
            $isShort && $type === PostType::Standard => PostType::BanjoFifth,
            ! $isShort && $type === PostType::BanjoFifth => PostType::Standard,
            default => $type,
        };
    }
}
