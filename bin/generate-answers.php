<?php

declare(strict_types=1);

/**
 * Writes what the example documents are answered, as the worked answers beside them: php bin/generate-answers.php. What changed is
 * then read in the difference; tests/Core/Document/ExamplesTest.php holds the code to them.
 */

use Lira\Document\Answers;
use Lira\Document\SetDocument;

require __DIR__.'/../vendor/autoload.php';

$examples = __DIR__.'/../docs/examples';
foreach (glob($examples.'/answers/*.json') ?: [] as $file) {
    [$example, $question] = explode('.', basename($file));
    $document = SetDocument::parse((string) file_get_contents("{$examples}/{$example}.json"));
    file_put_contents($file, Answers::text(Answers::to($question, $document), pretty: true)."\n");
}
