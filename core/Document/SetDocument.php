<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Finding\Limits;
use Lira\Solver\Pool;

/**
 * A set document (`lira-set`, version 1): what it means, and the JSON it was read from, which is kept whole.
 *
 * Writing gives that JSON back, so nothing is lost on a round trip, keys unknown here included.
 */
final readonly class SetDocument
{
    /**
     * @param  ?SetDesign  $baseline  the set that feels right
     * @param  Limits  $limits  by which findings are judged
     * @param  ?float  $holdingN  the tension below which a string flaps, where the document says it
     * @param  ?Pool  $pool  gauges whose tensions are wanted beside the set's own
     * @param  list<string>  $unknownKeys  JSON Pointers of keys that were kept but mean nothing here
     */
    public function __construct(
        public \stdClass $json,
        public SetDesign $design,
        public ?SetDesign $baseline,
        public Limits $limits,
        public ?float $holdingN,
        public ?Pool $pool,
        public array $unknownKeys,
    ) {}

    /**
     * Reads a document from its text.
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function parse(string $text): self
    {
        return SetReader::read(Json::object($text));
    }

    /**
     * Reads a document from decoded JSON.
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function from(\stdClass $json): self
    {
        return SetReader::read($json);
    }

    /** The document as text, with everything it came with. */
    public function text(): string
    {
        return Json::text($this->json, pretty: true)."\n";
    }
}
