<?php

declare(strict_types=1);

namespace Lira\Finding;

/** Where on an instrument something was found. */
enum Place: string
{
    case Post = 'post';
    case BehindNut = 'behind-nut';
    case Nut = 'nut';
    case String = 'string';
    case Neck = 'neck';
    case Saddle = 'saddle';
    case BehindSaddle = 'behind-saddle';
    case Anchor = 'anchor';
}
