<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Invitation;

/** A device that came with an invitation, and what it shows from now on. */
final readonly class Asking
{
    public function __construct(public Invitation $invitation, public Secret $shows) {}
}
