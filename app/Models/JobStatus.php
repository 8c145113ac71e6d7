<?php

declare(strict_types=1);

namespace App\Models;

enum JobStatus: string
{
    case Open = 'open';
    case Finished = 'finished';
}
