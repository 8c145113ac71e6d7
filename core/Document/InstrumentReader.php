<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Instrument\Instrument;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use Lira\PlainText;

/** Reads the instrument of a set document. */
final readonly class InstrumentReader
{
    public function __construct(private Problems $problems) {}

    /**
     * Reads an instrument that stands alone, for a number of strings.
     *
     * @throws InvalidDocument with every problem, paths below the instrument
     */
    public static function alone(\stdClass $json, int $strings): Instrument
    {
        $problems = new Problems;
        $instrument = (new self($problems))->read(Node::root($json, $problems), $strings);
        $problems->throwIfAny();

        return $instrument ?? throw InvalidDocument::at('', 'Describe the instrument.');
    }

    /** @param  ?int  $strings  how many strings it has, if that is known by now */
    public function read(?Node $node, ?int $strings): ?Instrument
    {
        $name = $node?->words('name', 'the instrument’s name', 1, PlainText::LONGEST_NAME);
        $kind = $node?->oneOf('kind', 'a kind of instrument', Kind::class);
        $scale = $node === null ? null : $this->scale($node, $strings);
        if ($node === null) {
            return null;
        }
        $reader = new HardwareReader($this->problems);
        $hardware = $reader->hardware($node, $strings, $kind ?? Kind::Other);
        $setup = $reader->setup($node, $kind ?? Kind::Other);
        $necks = new NeckReader($this->problems);
        $neck = $necks->neck($node);
        $courses = $necks->courses($node, $strings);
        $this->words($node);
        $node->reportUnknownKeys();

        return $name === null || $kind === null || $scale === null ? null : new Instrument(
            $name,
            $kind,
            $scale,
            $hardware,
            $setup,
            $neck,
            $courses,
        );
    }

    /** What is kept beside the figures: whose it is, notes, and how finely each figure was read. */
    private function words(Node $instrument): void
    {
        if ($instrument->has('owner')) {
            $instrument->words('owner', 'whose instrument it is', 0, PlainText::LONGEST_NAME);
        }
        if ($instrument->has('notes')) {
            $instrument->words('notes', 'the notes', 0, PlainText::LONGEST_NOTES);
        }
        $resolutions = $instrument->has('resolutions_mm') ? $instrument->object('resolutions_mm', 'how finely each figure was read') : null;
        foreach ($resolutions?->keys() ?? [] as $path) {
            $resolutions?->numberWithin($path, 'how finely it was read, in mm,', 1e-6, 100.0);
        }
    }

    private function scale(Node $instrument, ?int $strings): ?Scale
    {
        $node = $instrument->object('scale', 'the scale');
        $type = $node?->oneOf('type', 'a type of scale', ScaleType::class);
        $scale = $node === null ? null : match ($type) {
            ScaleType::Single => $this->length($node, 'length_mm', 'the scale length', Scale::single(...)),
            ScaleType::Half => $this->length(
                $node,
                'nut_to_twelfth_mm',
                'the distance from nut to 12th fret',
                Scale::twiceNutToTwelfth(...),
            ),
            ScaleType::Multiscale => $this->multiscale($node),
            ScaleType::Each => $this->each($node, $strings),
            null => null,
        };
        $node?->reportUnknownKeys();

        return $this->withShortStrings($instrument, $scale, $strings);
    }

    /**
     * A scale given by one length in mm.
     *
     * @param  non-empty-string  $what
     * @param  \Closure(Length): Scale  $make
     */
    private function length(Node $node, string $key, string $what, \Closure $make): ?Scale
    {
        $number = $node->number($key, $what.' in mm');

        return $number === null ? null : $this->problems->at(
            $node->pathOf($key),
            static fn (): Scale => $make(Length::millimetres($number)),
        );
    }

    private function multiscale(Node $node): ?Scale
    {
        $treble = $this->length($node, 'treble_mm', 'the treble length', Scale::single(...));
        $bass = $this->length($node, 'bass_mm', 'the bass length', Scale::single(...));
        if ($treble === null || $bass === null) {
            return null;
        }

        return Scale::multiscale(Length::metres($treble->speakingLengthM(1, 1)), Length::metres($bass->speakingLengthM(1, 1)));
    }

    private function each(Node $node, ?int $strings): ?Scale
    {
        $numbers = $node->numbers('lengths_mm', 'the length of each string in mm');
        if ($numbers === null || $numbers === []) {
            if ($numbers === []) {
                $this->problems->add($node->pathOf('lengths_mm'), 'Give one length for each string, string 1 first.');
            }

            return null;
        }

        return $this->problems->at($node->pathOf('lengths_mm'), static function () use ($numbers, $strings): Scale {
            $scale = Scale::each(array_map(Length::millimetres(...), $numbers));
            if ($strings !== null) {
                $scale->speakingLengthM(1, $strings);
            }

            return $scale;
        });
    }

    private function withShortStrings(Node $instrument, ?Scale $scale, ?int $strings): ?Scale
    {
        if (! $instrument->has('short_strings')) {
            return $scale;
        }
        foreach ($instrument->objects('short_strings', 'the short strings') ?? [] as $node) {
            $position = $node->integer('position', 'the string’s position');
            $fret = $node->integer('starts_at_fret', 'the fret at which it starts');
            $node->reportUnknownKeys();
            if ($position === null || $fret === null || $scale === null) {
                continue;
            }
            $scale = $this->problems->at($node->path, static function () use ($scale, $position, $fret, $strings): Scale {
                $short = $scale->withShortString($position, $fret);
                if ($strings !== null) {
                    $short->speakingLengthM($position, $strings);
                }

                return $short;
            }) ?? $scale;
        }

        return $scale;
    }
}
