<?php

declare(strict_types=1);

namespace Lira\Document;

/** Writes a converted set as `lira-conversion`, version 2. */
final class ConversionWriter
{
    public const FORMAT = 'lira-conversion';

    public const VERSION = 2;

    /** @return ConvertedSetJson */
    public static function toArray(Converted $converted): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $converted->document->design->name,
            'reasons' => StatementWriter::all($converted->reasons),
            'poor_candidate' => $converted->doubts !== [],
            'doubts' => StatementWriter::all($converted->doubts),
            'document' => $converted->document->json,
            'evaluation' => EvaluationWriter::toArray($converted->document, $converted->assessment, $converted->document->bands()),
        ];
    }
}
