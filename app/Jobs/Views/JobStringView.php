<?php

declare(strict_types=1);

namespace App\Jobs\Views;

use Lira\Material\Material;
use Lira\Strings\Construction;

/** One string of a job: which it is, and where it comes from. */
final readonly class JobStringView
{
    /**
     * @param  string  $pitch  as documents write it
     * @param  ?string  $before  the pitch of the one that was there before; null where nothing was
     * @param  float  $hz  what it sounds at its pitch
     * @param  ?StiffnessView  $stiffness  as its inharmonicity; null where that is not known
     * @param  int  $gauge_nm  outer diameter, nanometres
     * @param  list<string>  $codes  that its packet may bear
     * @param  bool  $labelled  whether labels with notches were printed for the packets of its set
     * @param  string  $from  kept, used, missing, here (brought along), or free (the drawer is not asked)
     * @param  ?string  $lot  it is of
     * @param  string  $ball_colour  of its ball end, as it was noted with the lot; empty where it was not
     * @param  int  $free  so many more lie in the drawer, kept for nobody
     * @param  int  $spares  kept for it
     * @param  bool  $wanted  whether it is on the order list
     */
    public function __construct(
        public int $position,
        public string $pitch,
        public ?string $before,
        public float $hz,
        public ?StiffnessView $stiffness,
        public Construction $construction,
        public Material $material,
        public int $gauge_nm,
        public array $codes,
        public bool $labelled,
        public string $from,
        public ?string $lot,
        public string $ball_colour,
        public int $free,
        public int $spares,
        public bool $wanted,
    ) {}
}
