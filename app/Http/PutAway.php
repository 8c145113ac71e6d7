<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Pages\Frame\PutAwayPage;
use Inertia\Response;

/** What stands in place of something that was put away: what it was, and the way back. */
final class PutAway
{
    /**
     * @param  'set'|'instrument'|'job'  $what
     * @param  string  $unarchive  where it is brought back
     * @param  string  $address  where it stands then
     * @param  string  $list  where its like are
     */
    public static function page(string $what, string $name, string $unarchive, string $address, string $list): Response
    {
        return (new PutAwayPage(what: $what, name: $name, unarchive: $unarchive, address: $address, list: $list))->response();
    }
}
