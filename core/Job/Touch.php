<?php

declare(strict_types=1);

namespace Lira\Job;

/** What one says of a string that another may have said otherwise, without knowing of it. */
enum Touch: string
{
    case PutOn = 'put-on';
    case CameOff = 'came-off';
}
