<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

/** What a list would change. */
final readonly class DifferenceView
{
    /**
     * @param  list<ChangeView>  $changes  the first of them
     * @param  list<string>  $gone_codes  the first of them
     */
    public function __construct(
        public int $added,
        public int $changed,
        public int $same,
        public int $gone,
        public array $changes,
        public array $gone_codes,
    ) {}
}
