<?php

declare(strict_types=1);

namespace App\Jobs\Views;

/** A job on a set, before it is begun. */
final readonly class BeginView
{
    /**
     * @param  array{id: int, name: string}  $set
     * @param  array{id: int, name: string}  $instrument
     * @param  list<ChoiceView>  $presents  what may be on the instrument now
     * @param  array<string, array<string, string>>  $ways  schools by aspect, way by way
     * @param  array<string, string>  $schools  by aspect
     * @param  list<array{id: int, name: string}>  $open  jobs on the instrument that are not finished
     * @param  list<int>  $some  which strings are asked for; none for all
     */
    public function __construct(
        public array $set,
        public array $instrument,
        public string $owner,
        public array $presents,
        public array $ways,
        public string $way,
        public array $schools,
        public bool $left_handed,
        public array $open,
        public array $some,
        public PreviewView $preview,
    ) {}
}
