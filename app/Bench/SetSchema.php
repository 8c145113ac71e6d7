<?php

declare(strict_types=1);

namespace App\Bench;

use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use Lira\Document\SetDocument;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/**
 * Holds a document from outside to the published schema. The core has read it by then, so this finds only what the core
 * does not look at; its own sentences come first. Too slow for every change on the Bench, which the core alone judges.
 */
final class SetSchema
{
    private const ID = 'urn:lira:format:lira-set:1';

    private const MOST_ERRORS = 20;

    /** @throws InvalidDocument with every place that is not as the schema says */
    public static function checked(SetDocument $document): SetDocument
    {
        $validator = new Validator;
        $validator->setMaxErrors(self::MOST_ERRORS);
        $validator->resolver()?->registerFile(self::ID, base_path('docs/formats/lira-set.schema.json'));
        $error = $validator->validate($document->json, self::ID)->error();
        if ($error !== null) {
            throw InvalidDocument::because(self::problems($error));
        }

        return $document;
    }

    /** @return non-empty-list<Problem> one for each place that is wrong, not for the objects around it */
    private static function problems(ValidationError $error): array
    {
        $inner = [];
        /** @var ValidationError $below */
        foreach ($error->subErrors() as $below) {
            array_push($inner, ...self::problems($below));
        }
        if ($inner !== []) {
            return $inner;
        }
        $path = implode('', array_map(
            static fn (int|string $key): string => '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key),
            $error->data()->fullPath(),
        ));

        return [new Problem($path, (new ErrorFormatter)->formatErrorMessage($error).'. See docs/formats/lira-set.schema.json.')];
    }
}
