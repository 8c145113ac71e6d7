<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Design\SetDesign;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Pool\Pool;
use Lira\Pool\StandardPool;
use Lira\Strings\BuiltString;
use Lira\Strings\Construction;
use Lira\Strings\Measurements;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;

/** Reads a pool of gauges: the word "standard", or a list of constructions with their gauges and of single strings. */
final readonly class PoolReader
{
    public const STANDARD = 'standard';

    public const MOST_GAUGES = 2000;

    public function __construct(private Problems $problems, private StringReader $strings, private Measurements $measurements) {}

    /** @param  ?SetDesign  $design  the set it is for, if that could be read */
    public function read(Node $parent, ?SetDesign $design): ?Pool
    {
        if ($parent->says('pool', self::STANDARD)) {
            return $design === null ? null : StandardPool::with($design->instrument->kind, $design->strings, $this->measurements);
        }
        $kind = $design->instrument->kind ?? Kind::Other;
        $strings = [];
        $nodes = $parent->objects('pool', 'the pool') ?? [];
        // Counted before any is built.
        $count = array_sum(array_map(static fn (Node $node): int => max(1, $node->count('gauges_in'), $node->count('gauges_mm')), $nodes));
        if ($count > self::MOST_GAUGES) {
            $this->problems->add(
                $parent->pathOf('pool'),
                sprintf('A pool has at most %d gauges; this has %d. Leave out what nobody would choose.', self::MOST_GAUGES, $count),
            );

            return null;
        }
        foreach ($nodes as $node) {
            array_push(
                $strings,
                ...($node->has('gauge_in') || $node->has('gauge_mm') ? $this->single($node, $kind) : $this->group($node, $kind)),
            );
        }

        return new Pool($strings);
    }

    /**
     * One string with all that is known of it, such as a measured density.
     *
     * @return list<BuiltString>
     */
    private function single(Node $node, Kind $kind): array
    {
        $spec = $this->strings->read($node);
        $string = $spec === null ? null : $this->problems->at(
            $node->path,
            fn (): BuiltString => BuiltString::of($spec, $kind, $this->measurements),
        );

        return $string === null ? [] : [$string];
    }

    /** @return list<BuiltString> */
    private function group(Node $node, Kind $kind): array
    {
        $construction = $node->oneOf('construction', 'a construction', Construction::class);
        $material = $node->oneOf('material', 'a material', Material::class);
        $inInches = $node->has('gauges_in');
        if ($inInches === $node->has('gauges_mm')) {
            $this->problems->add($node->pathOf('gauges_in'), 'Give the gauges once: as gauges_in (inches) or as gauges_mm (millimetres).');

            return [];
        }
        $key = $inInches ? 'gauges_in' : 'gauges_mm';
        $strings = [];
        foreach ($node->numbers($key, 'the gauges') ?? [] as $index => $gauge) {
            if ($construction === null || $material === null) {
                break;
            }
            $string = $this->problems->at($node->pathOf($key).'/'.$index, fn (): BuiltString => BuiltString::of(
                new StringSpec(StringType::of($construction, $material, $inInches ? Length::inches($gauge) : Length::millimetres($gauge))),
                $kind,
                $this->measurements,
            ));
            if ($string !== null) {
                $strings[] = $string;
            }
        }
        $node->reportUnknownKeys();

        return $strings;
    }
}
