<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\SetSchema;
use App\Console\ReadFile;
use App\Console\ReadTable;
use Illuminate\Console\Command;
use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\SetDocument;
use Lira\Wording\Units;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Reads a set document from a file or standard input and prints what the core answers, or a `lira-error` with exit code 2; with
 * `--table` what a person reads.
 */
abstract class AnswerCommand extends Command
{
    public function handle(): int
    {
        try {
            $document = SetSchema::checked(SetDocument::parse(ReadFile::of((string) $this->argument('file'))));
            if ($this->option('table') === true) {
                return $this->print($this->tables($document, Units::named((string) $this->option('units'))));
            }
            $answer = $this->answer($document);
            $status = self::SUCCESS;
        } catch (InvalidDocument $refused) {
            if ($this->option('table') === true) {
                return $this->refuse($refused);
            }
            $answer = $refused->toArray();
            $status = 2;
        }
        $this->output->writeln(Answers::text($answer, pretty: true), OutputInterface::OUTPUT_RAW);

        return $status;
    }

    /** @param  list<ReadTable>  $tables */
    private function print(array $tables): int
    {
        foreach ($tables as $table) {
            if ($table->title !== '') {
                $this->newLine();
                $this->line($table->title);
            }
            $this->table($table->columns, $table->rows, 'compact');
        }

        return self::SUCCESS;
    }

    private function refuse(InvalidDocument $refused): int
    {
        foreach ($refused->problems as $problem) {
            $this->line($problem->path === '' ? $problem->message : "{$problem->path}: {$problem->message}");
        }

        return 2;
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
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    abstract protected function answer(SetDocument $document): array;
}
