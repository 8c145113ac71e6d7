<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;

/** The strings of a document on its instrument. */
final class Fitted
{
    /** @return non-empty-list<EvaluatedString> string 1 first */
    public static function strings(\stdClass $json): array
    {
        $strings = SetDocument::from($json)->evaluation()->strings;

        return $strings === [] ? throw new \LogicException('A document has strings') : $strings;
    }
}
