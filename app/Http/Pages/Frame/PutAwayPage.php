<?php

declare(strict_types=1);

namespace App\Http\Pages\Frame;

use App\Http\Pages\Page;

/** Something that was put away, and how it is brought back. */
final readonly class PutAwayPage extends Page
{
    /**
     * @param  'set'|'instrument'|'job'  $what
     * @param  string  $unarchive  where it is brought back
     * @param  string  $address  where it stands then
     */
    public function __construct(
        public string $what,
        public string $name,
        public string $unarchive,
        public string $address,
        public string $list,
    ) {}
}
