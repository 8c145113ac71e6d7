<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Lira\Document\EvaluationWriter;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Evaluation\SetEvaluator;

/** Evaluates a set document on the command line. Exit code 2 and a `lira-error` for bad input. */
final class EvaluateCommand extends Command
{
    protected $signature = 'lira:evaluate {file : A set document, or - for standard input}';

    protected $description = 'Compute every figure of a set document and print the evaluation as JSON';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        try {
            $document = SetDocument::parse(self::read($file));
            $answer = EvaluationWriter::toArray($document, SetEvaluator::evaluate($document));
        } catch (InvalidDocument $refused) {
            $this->output->writeln(Json::text($refused->toArray(), pretty: true), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

            return 2;
        }
        $this->output->writeln(Json::text($answer, pretty: true), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

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
