<?php

declare(strict_types=1);

namespace App\Models;

/** What became of strings that were kept for a purchase or a job: still kept, booked out, or given back. */
enum ReservationStatus: string
{
    case Kept = 'kept';
    case Used = 'used';
    case Back = 'back';
}
