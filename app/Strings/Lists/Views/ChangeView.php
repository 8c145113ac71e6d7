<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

/** What changes of a string. */
final readonly class ChangeView
{
    /**
     * @param  list<string>  $words
     */
    public function __construct(
        public string $code,
        public array $words,
    ) {}
}
