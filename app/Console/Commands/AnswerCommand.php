<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\SetSchema;
use Illuminate\Console\Command;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a set document from a file or standard input and prints what the core answers, or a `lira-error` with exit code 2. */
abstract class AnswerCommand extends Command
{
    public function handle(): int
    {
        try {
            $answer = $this->answer(SetSchema::checked(SetDocument::parse(self::read((string) $this->argument('file')))));
            $status = self::SUCCESS;
        } catch (InvalidDocument $refused) {
            $answer = $refused->toArray();
            $status = 2;
        }
        $this->output->writeln(Json::text($answer, pretty: true), OutputInterface::OUTPUT_RAW);

        return $status;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    abstract protected function answer(SetDocument $document): array;

    /** Reads no more than is needed to see that a document is too large. */
    private static function read(string $file): string
    {
        $path = $file === '-' ? 'php://stdin' : $file;
        if ($file !== '-' && ! is_file($file)) {
            throw InvalidDocument::at('', "There is no file “{$file}”. Give the path of a set document, or - for standard input.");
        }
        $text = @file_get_contents($path, length: Json::MAX_BYTES + 1);
        if ($text === false) {
            throw InvalidDocument::at('', "“{$file}” cannot be read. Check its permissions.");
        }

        return $text;
    }
}
