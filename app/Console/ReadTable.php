<?php

declare(strict_types=1);

namespace App\Console;

/** A table as a person reads it on the command line. */
final readonly class ReadTable
{
    /**
     * @param  list<string>  $columns  their heads
     * @param  list<list<string>>  $rows
     */
    public function __construct(public string $title, public array $columns, public array $rows) {}
}
