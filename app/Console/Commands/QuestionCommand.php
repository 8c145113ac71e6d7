<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\ReadFile;
use Illuminate\Console\Command;
use Lira\Document\Answers;
use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a question about an instrument in the hand and prints what the core answers, or a `lira-error` with exit code 2. */
abstract class QuestionCommand extends Command
{
    public function handle(): int
    {
        try {
            $answer = Questions::answer($this->asks(), Json::object(ReadFile::of((string) $this->argument('file'))));
            $status = self::SUCCESS;
        } catch (InvalidDocument $refused) {
            $answer = $refused->toArray();
            $status = 2;
        }
        $this->output->writeln(Answers::text($answer, pretty: true), OutputInterface::OUTPUT_RAW);

        return $status;
    }

    /** @return key-of<Questions::ALL> */
    abstract protected function asks(): string;
}
