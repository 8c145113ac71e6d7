<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;

/** The door for a device that is not known. */
final readonly class EnterPage extends Page
{
    /**
     * @param  ?string  $authority  SHA-256 of who vouches for the certificate
     */
    public function __construct(
        public bool $known,
        public ?string $authority,
    ) {}
}
