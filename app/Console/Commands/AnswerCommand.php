<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\SetSchema;
use App\Console\PrintsTables;
use App\Console\ReadFile;
use App\Console\ReadTable;
use Illuminate\Console\Command;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

/**
 * Reads a set document from a file or standard input and prints what the core answers, or a `lira-error` with exit code 2; with
 * `--table` what a person reads.
 */
abstract class AnswerCommand extends Command
{
    use PrintsTables;

    public function handle(): int
    {
        $read = fn (): SetDocument => SetSchema::checked(SetDocument::parse(ReadFile::of((string) $this->argument('file'))));

        return $this->printed(
            fn (): array => $this->answer($read()),
            fn (): array => $this->tables($read(), Units::named((string) $this->option('units'))),
        );
    }

    /**
     * What a person reads.
     *
     * @return list<ReadTable>
     *
     * @throws InvalidDocument
     */
    abstract protected function tables(SetDocument $document, Units $units): array;

    /**
     * @return AnyDocumentJson
     *
     * @throws InvalidDocument
     */
    abstract protected function answer(SetDocument $document): array;
}
