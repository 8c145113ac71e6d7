<?php

declare(strict_types=1);

namespace App\Instruments\Views;

use Lira\Kind\Anchor;
use Lira\Kind\BuiltFor;
use Lira\Kind\Custom;
use Lira\Kind\Pickup;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;

/** What an instrument of a kind usually has. */
final readonly class UsualView
{
    /**
     * @param  list<array{position: int, starts_at_fret: int}>  $short_strings
     * @param  array{type: PostType, diameter_mm: float, spacing_mm: float}  $posts
     */
    public function __construct(
        public int $strings,
        public float $length_mm,
        public array $short_strings,
        public int $frets,
        public Anchor $anchor,
        public BuiltFor $built_for,
        public Pickup $pickup,
        public array $posts,
        public PostLayout $layout,
        public float $nut_gap_mm,
        public float $saddle_gap_mm,
        public float $action_12_mm,
        public float $nut_height_mm,
    ) {}

    public static function of(Custom $custom): self
    {
        [$neck, $hardware] = [$custom->neck, $custom->hardware];

        return new self(
            strings: $neck->strings,
            length_mm: $neck->lengthM * 1000,
            short_strings: array_map(
                static fn (int $position, int $fret): array => ['position' => $position, 'starts_at_fret' => $fret],
                array_keys($neck->shortStrings), $neck->shortStrings,
            ),
            frets: $neck->frets,
            anchor: $hardware->anchor,
            built_for: $hardware->builtFor,
            pickup: $hardware->pickup,
            posts: ['type' => $hardware->postType, 'diameter_mm' => $hardware->postM * 1000, 'spacing_mm' => $hardware->apartM * 1000],
            layout: $hardware->layout,
            nut_gap_mm: $hardware->nutGapM * 1000,
            saddle_gap_mm: $hardware->saddleGapM * 1000,
            action_12_mm: $custom->setup->action12M * 1000,
            nut_height_mm: $custom->setup->nutHeightM * 1000,
        );
    }
}
