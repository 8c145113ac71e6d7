<?php

declare(strict_types=1);

namespace App\Strings\Drawer;

use App\Models\Lot;

/** Strings came into the drawer: whoever waits for such ones can have them. */
final readonly class LotAdded
{
    public function __construct(public Lot $lot) {}
}
