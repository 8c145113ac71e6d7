<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Instrument\Courses;
use Lira\Instrument\Fingerboard;
use Lira\Instrument\Neck;
use Lira\Instrument\NeckJoint;
use Lira\Instrument\TrussRod;
use Lira\Length\Frets;

/** Reads the neck of an instrument, and which strings stand together. Everything in it is optional. */
final readonly class NeckReader
{
    public function __construct(private Problems $problems) {}

    public function neck(Node $instrument): Neck
    {
        $node = $instrument->has('neck') ? $instrument->object('neck', 'the neck') : null;
        if ($node === null) {
            return new Neck;
        }
        $neck = new Neck(
            $this->fret($node, 'frets', 'the number of frets'),
            $node->has('fingerboard') ? $node->oneOf('fingerboard', 'a fingerboard', Fingerboard::class) : null,
            $node->has('joint') ? $node->oneOf('joint', 'a neck joint', NeckJoint::class) : null,
            $node->has('truss_rod') ? $node->oneOf('truss_rod', 'a truss rod', TrussRod::class) : null,
            $this->fret($node, 'straight_fret', 'the fret that stands square') ?? 12,
        );
        $node->reportUnknownKeys();

        return $neck;
    }

    /** @param  ?int  $strings  how many there are, if that is known by now */
    public function courses(Node $instrument, ?int $strings): Courses
    {
        $sizes = $instrument->has('courses') ? $instrument->numbers('courses', 'the number of strings in each course') : null;
        if ($sizes === null) {
            return new Courses;
        }
        $whole = array_map(static fn (float $size): int => (int) $size, $sizes);
        $valid = array_filter($sizes, static fn (float $size): bool => $size !== floor($size) || $size < 1 || $size > 4) === [];
        if (! $valid || ($strings !== null && array_sum($whole) !== $strings)) {
            $this->problems->add(
                $instrument->pathOf('courses'),
                'Give how many strings each course has, from string 1, 1 to 4 each'.($strings === null ? '.' : ", {$strings} in all."),
            );

            return new Courses;
        }

        return new Courses($whole);
    }

    /** @param  non-empty-string  $what */
    private function fret(Node $node, string $key, string $what): ?int
    {
        $fret = $node->has($key) ? $node->integer($key, $what) : null;
        if ($fret !== null && ($fret < 0 || $fret > Frets::HIGHEST)) {
            $this->problems->add($node->pathOf($key), ucfirst($what).' must be from 0 to '.Frets::HIGHEST.'.');

            return null;
        }

        return $fret;
    }
}
