<?php

declare(strict_types=1);

namespace App\Models;

/** Where an order is. */
enum OrderStatus: string
{
    case Draft = 'draft';
    case OnItsWay = 'on its way';
    case Arrived = 'arrived';
    case Done = 'done';
}
