<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** By which way of several a part of the work is done. */
final readonly class SchoolView
{
    /**
     * @param  string  $reason  a sentence
     * @param  list<ChoiceView>  $choices
     */
    public function __construct(
        public string $aspect,
        public string $label,
        public string $chosen,
        public string $reason,
        public array $choices,
    ) {}
}
