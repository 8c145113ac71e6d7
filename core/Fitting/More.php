<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** What a step says beyond its lines. */
final readonly class More
{
    /**
     * @param  array<string, int|float|string>  $parameters  of its lines
     * @param  list<Figure>  $figures
     * @param  ?string  $key  where code and position do not tell it from all others
     * @param  list<Part>  $parts
     * @param  ?int  $restsS  how long it rests then, seconds
     * @param  ?string  $do  on paper, where that is more than its lines
     * @param  list<string>  $brief  for who knows the work; the same where none are given
     */
    public function __construct(
        public array $parameters = [],
        public array $figures = [],
        public ?string $key = null,
        public array $parts = [],
        public ?int $restsS = null,
        public ?string $do = null,
        public array $brief = [],
    ) {}
}
