<?php

declare(strict_types=1);

namespace Lira\Document;

/**
 * An instrument alone as a file (`lira-instrument`, version 1): the `instrument` part of a set document with its number of
 * strings. A set document has the same in it, so both can be read.
 */
final readonly class InstrumentFile
{
    public const FORMAT = 'lira-instrument';

    public const VERSION = 1;

    /** @param  list<string>  $unknownKeys  JSON Pointers of keys that were kept but mean nothing here */
    private function __construct(public \stdClass $instrument, public int $strings, public array $unknownKeys = []) {}

    /** @throws InvalidDocument with every problem and its path */
    public static function of(\stdClass $instrument, int $strings): self
    {
        InstrumentReader::alone($instrument, $strings);

        return new self($instrument, $strings);
    }

    /**
     * Reads an instrument's file, or takes the instrument of a set document.
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function parse(string $text): self
    {
        $json = Json::object($text);
        if (($json->format ?? null) === SetReader::FORMAT) {
            $set = SetDocument::from($json);
            $instrument = $json->instrument ?? null;

            return new self(
                $instrument instanceof \stdClass ? $instrument : new \stdClass,
                count($set->design->strings),
                $set->unknownKeys,
            );
        }
        $problems = new Problems;
        $root = Node::root($json, $problems);
        if ($root->text('format', 'the format, "lira-instrument"') !== self::FORMAT) {
            throw InvalidDocument::at(
                '/format',
                'This is neither an instrument nor a set document: its "format" is not "lira-instrument" or "lira-set".',
            );
        }
        if ($root->number('version', 'the version') !== (float) self::VERSION) {
            throw InvalidDocument::at('/version', 'This version of the instrument document is not known here. Give "version": 1.');
        }
        $strings = $root->integer('strings', 'the number of strings');
        if ($strings !== null && ($strings < 1 || $strings > SetReader::MOST_STRINGS)) {
            $problems->add('/strings', 'Give the number of strings, 1 to '.SetReader::MOST_STRINGS.'.');
        }
        $node = $root->object('instrument', 'the instrument');
        (new InstrumentReader($problems))->read($node, $strings);
        $root->reportUnknownKeys();
        $problems->throwIfAny();
        $instrument = $json->instrument;

        return new self($instrument instanceof \stdClass ? $instrument : new \stdClass, (int) $strings, $problems->unknownKeys());
    }

    public function text(): string
    {
        return Json::text((object) [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'strings' => $this->strings,
            'instrument' => $this->instrument,
        ], pretty: true)."\n";
    }
}
