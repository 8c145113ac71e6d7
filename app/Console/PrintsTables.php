<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Lira\Document\Answers;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Prints what is answered: JSON, or with `--table` what a person reads. What is refused ends with exit code 2.
 *
 * @phpstan-require-extends Command
 */
trait PrintsTables
{
    /**
     * @param  \Closure(): (AnyDocumentJson|\stdClass)  $answer
     * @param  \Closure(): list<ReadTable>  $tables
     */
    private function printed(\Closure $answer, \Closure $tables): int
    {
        $asTable = $this->option('table') === true;
        try {
            if (! $asTable) {
                return $this->json($answer(), self::SUCCESS);
            }
            foreach ($tables() as $table) {
                if ($table->title !== '') {
                    $this->newLine();
                    $this->line($table->title);
                }
                $this->table($table->columns, $table->rows, 'compact');
            }

            return self::SUCCESS;
        } catch (InvalidDocument $refused) {
            if (! $asTable) {
                return $this->json($refused->toArray(), 2);
            }
            foreach ($refused->problems as $problem) {
                $this->line($problem->path === '' ? $problem->message : "{$problem->path}: {$problem->message}");
            }

            return 2;
        }
    }

    /** @param  AnyDocumentJson|\stdClass  $answer */
    private function json(array|\stdClass $answer, int $status): int
    {
        $this->output->writeln($answer instanceof \stdClass ? Json::text($answer, pretty: true) : Answers::text($answer, pretty: true), OutputInterface::OUTPUT_RAW);

        return $status;
    }
}
