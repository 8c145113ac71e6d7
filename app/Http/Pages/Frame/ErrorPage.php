<?php

declare(strict_types=1);

namespace App\Http\Pages\Frame;

use App\Http\Pages\Page;

/** What went wrong, in a sentence. */
final readonly class ErrorPage extends Page
{
    /**
     * @param  int  $status  of HTTP
     * @param  array{length: string, gauge: string, tension: string}  $units  in which somebody reads
     */
    public function __construct(
        public int $status,
        public string $message,
        public array $units,
    ) {}
}
