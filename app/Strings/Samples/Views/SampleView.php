<?php

declare(strict_types=1);

namespace App\Strings\Samples\Views;

use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** What a sample comes to, beside the model. */
final readonly class SampleView
{
    /**
     * @param  ?int  $id  none before it is kept
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  Kind  $kind  of instrument it is made for
     * @param  bool  $weighed  otherwise sounded
     * @param  float  $kg_per_m  at rest
     * @param  float  $tolerance  relative
     * @param  ?float  $ratio  measured to modelled
     * @param  ?float  $core_mm  the size of its core, where that was bared
     * @param  bool  $set_aside  whether it counts no more
     */
    public function __construct(
        public ?int $id,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public Kind $kind,
        public bool $weighed,
        public float $kg_per_m,
        public float $tolerance,
        public ?float $modelled_kg_per_m,
        public ?float $ratio,
        public ?float $core_mm,
        public string $note,
        public bool $set_aside,
    ) {}
}
