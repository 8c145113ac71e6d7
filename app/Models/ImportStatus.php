<?php

declare(strict_types=1);

namespace App\Models;

/** How far a supplier's list is on its way in. */
enum ImportStatus: string
{
    case Uploaded = 'uploaded';
    case Checking = 'checking';
    case Checked = 'checked';
    case Written = 'written';
}
