<?php

declare(strict_types=1);

namespace Lira\Document;

/** One thing wrong with a document: where (a JSON Pointer, RFC 6901) and a sentence that says what to do. */
final readonly class Problem
{
    public function __construct(public string $path, public string $message) {}
}
