<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

/** The titles and first rows of a list, and how its columns are or could be mapped. */
final readonly class ImportPreviewView
{
    /**
     * @param  string  $original  the name of the file
     * @param  list<string>  $header
     * @param  list<list<string>>  $rows
     * @param  bool  $remembered  whether its columns are mapped as they were for the last list with these titles
     */
    public function __construct(
        public int $id,
        public string $original,
        public string $encoding,
        public string $delimiter,
        public array $header,
        public array $rows,
        public bool $remembered,
        public MappingView $mapping,
    ) {}
}
