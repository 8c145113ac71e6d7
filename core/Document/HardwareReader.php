<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Instrument\NutHold;
use Lira\Instrument\Posts;
use Lira\Instrument\Saddle;
use Lira\Instrument\Setup;
use Lira\Instrument\SpringSet;
use Lira\Instrument\Tree;
use Lira\Kind\Anchor;
use Lira\Kind\BuiltFor;
use Lira\Kind\Kind;
use Lira\Kind\Pickup;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;

/** Reads what holds and guides the strings, and how the instrument is set up. Everything in it is optional. */
final readonly class HardwareReader
{
    private const MOST_MM = 2000.0;

    public function __construct(private Problems $problems) {}

    /** @param  Kind  $kind  by which what is not said is as usual */
    public function hardware(Node $instrument, ?int $strings, Kind $kind): Hardware
    {
        $node = $instrument->has('hardware') ? $instrument->object('hardware', 'the hardware') : null;
        if ($node === null) {
            return new Hardware(kind: $kind);
        }
        $headstock = $node->has('headstock') ? $node->object('headstock', 'the headstock') : null;
        $nut = $node->has('nut') ? $node->object('nut', 'the nut') : null;
        $hardware = new Hardware(
            $node->has('anchor') ? $node->oneOf('anchor', 'an anchor', Anchor::class) : null,
            $node->has('built_for') ? $node->oneOf('built_for', 'a kind of string', BuiltFor::class) : null,
            $node->has('pickup') ? $node->oneOf('pickup', 'a pickup', Pickup::class) : null,
            $this->within($node, 'max_total_tension_n', 'the greatest total tension in N', 1.0, 20_000.0),
            $this->posts($node, $strings, $kind),
            deg2rad($headstock === null ? 0.0 : ($this->within($headstock, 'tilt_deg', 'the tilt in degrees', -30.0, 45.0) ?? 0.0)),
            $headstock === null ? null : $this->metres(
                $headstock,
                'nut_height_mm',
                'the height of the nut slots above the headstock in mm',
            ),
            $nut === null ? [] : $this->each($nut, 'slots_mm', 'the width of the nut slots in mm', $strings),
            $this->trees($node, $strings),
            $this->saddle($node, $strings),
            $this->springs($node),
            $nut === null ? null : $this->positive($nut, 'spread_mm', 'the spread of the strings at the nut in mm'),
            $node->has('bridge') ? $node->oneOf('bridge', 'a way a bridge is held', BridgeHold::class) : null,
            $nut?->has('held') === true && $nut->oneOf('held', 'a way a nut is held', NutHold::class) === NutHold::Strings,
            $nut?->has('clamp') === true && $nut->boolean('clamp', 'whether the nut clamps its strings') === true,
            $this->complianceMPerN($node),
            $node->says('compliance_source', 'measured'),
            self::perNewton($this->within($node, 'compliance_error_um_per_n', 'how sure that is in micrometres per newton', 0.0, 1000.0)),
            kind: $kind,
        );
        $headstock?->reportUnknownKeys();
        $nut?->knows('material')->reportUnknownKeys();
        $node->reportUnknownKeys();

        return $hardware;
    }

    public function setup(Node $instrument, Kind $kind): Setup
    {
        $node = $instrument->has('setup') ? $instrument->object('setup', 'the setup') : null;
        $usual = Setup::usualFor($kind);
        if ($node === null) {
            return $usual;
        }
        $picking = $usual->pickingN;
        if ($node->has('picking_n')) {
            $forces = $node->numbers('picking_n', 'the picking forces in N, soft to hard');
            if ($forces !== null && (count($forces) !== 3 || min($forces) <= 0 || max($forces) > 50)) {
                $this->problems->add(
                    $node->pathOf('picking_n'),
                    'Give three picking forces in N, soft, medium and hard, each more than 0 and at most 50.',
                );
            } elseif ($forces !== null) {
                $picking = ['soft' => $forces[0], 'medium' => $forces[1], 'hard' => $forces[2]];
            }
        }
        $setup = new Setup(
            $this->metres($node, 'action_12_mm', 'the action at the 12th fret in mm', 20.0) ?? $usual->action12M,
            $this->metres($node, 'nut_height_mm', 'the height of the strings at the nut in mm', 10.0) ?? $usual->nutHeightM,
            $picking,
            $this->metres($node, 'pick_from_saddle_mm', 'where the pick strikes, mm from the saddle') ?? $usual->pickFromSaddleM,
            $this->metres($node, 'extra_length_mm', 'the string beyond nut and saddle in mm') ?? $usual->extraLengthM,
            ($this->within($node, 'relief_mm', 'the relief in mm', -5.0, 10.0) ?? 1000 * $usual->reliefM) / 1000,
            $this->within($node, 'vertical_share', 'the share of a vibration that points at the frets', 0.0, 1.0) ?? $usual->verticalShare,
            array_values(array_filter(Setup::KEYS, static fn (string $key): bool => ! $node->has($key))),
        );
        if ($setup->pickFromSaddleM <= 0) {
            $this->problems->add($node->pathOf('pick_from_saddle_mm'), 'Give where the pick strikes in mm from the saddle, more than 0.');
        }
        $node->reportUnknownKeys();

        return $setup;
    }

    private function complianceMPerN(Node $hardware): ?float
    {
        $hardware->knows('compliance_source');

        return self::perNewton(
            $this->within($hardware, 'compliance_um_per_n', 'how far the strings’ ends give in micrometres per newton', 0.0, 1000.0),
        );
    }

    private static function perNewton(?float $umPerN): ?float
    {
        return $umPerN === null ? null : $umPerN * 1e-6;
    }

    private function posts(Node $hardware, ?int $strings, Kind $kind): Posts
    {
        $node = $hardware->has('posts') ? $hardware->object('posts', 'the posts') : null;
        if ($node === null) {
            return new Posts(kind: $kind);
        }
        $posts = new Posts(
            $node->has('type') ? $node->oneOf('type', 'a type of post', PostType::class) : null,
            $this->positive($node, 'diameter_mm', 'the post’s diameter in mm'),
            $this->metres($node, 'hole_height_mm', 'the height of the post’s hole in mm'),
            $this->positive($node, 'hole_diameter_mm', 'the diameter of the post’s hole in mm'),
            $this->metres($node, 'room_below_hole_mm', 'the room below the post’s hole in mm'),
            $this->positive($node, 'spacing_mm', 'the spacing of the posts in mm'),
            $this->each($node, 'distance_mm', 'the distance from nut to post in mm', $strings),
            $this->positive($node, 'height_mm', 'the height of the posts in mm'),
            $node->has('layout') ? $node->oneOf('layout', 'a layout of posts', PostLayout::class) : null,
            $this->positive($node, 'rows_apart_mm', 'the distance between the rows of posts in mm'),
            $this->positive($node, 'socket_mm', 'the depth of the post’s socket in mm'),
            $this->within($node, 'gear_ratio', 'the turns of the knob for one of the post', 1.0, 60.0) ?? Posts::USUAL_GEAR_RATIO,
        );
        $node->reportUnknownKeys();

        return $posts;
    }

    private function saddle(Node $hardware, ?int $strings): Saddle
    {
        $node = $hardware->has('saddle') ? $hardware->object('saddle', 'the saddle') : null;
        if ($node === null) {
            return new Saddle;
        }
        $saddle = new Saddle(
            $this->each($node, 'travel_mm', 'how far the saddle can move back in mm', $strings, zero: true),
            $this->positive($node, 'screw_pitch_mm', 'the pitch of the saddle’s screw in mm'),
            $this->metres($node, 'drop_mm', 'how far the string goes down behind the saddle in mm'),
            $this->positive($node, 'anchor_distance_mm', 'the distance from saddle to anchor in mm'),
            $this->metres($node, 'over_wrap_rise_mm', 'by how much an over-wrapped tailpiece lifts the string in mm') ?? 0.0,
            $this->metres($node, 'beyond_mm', 'the string beyond the saddle in mm'),
            $this->positive($node, 'spread_mm', 'the spread of the strings at the saddle in mm'),
        );
        $node->reportUnknownKeys();

        return $saddle;
    }

    /** @return array<int, Tree> */
    private function trees(Node $hardware, ?int $strings): array
    {
        $trees = [];
        foreach ($hardware->has('trees') ? $hardware->objects('trees', 'the string trees') ?? [] : [] as $node) {
            $position = $node->integer('position', 'the string’s position');
            $height = $this->metres($node, 'height_mm', 'the tree’s height in mm');
            $distance = $this->positive($node, 'distance_mm', 'the distance from nut to tree in mm');
            $node->reportUnknownKeys();
            if ($position !== null && ($position < 1 || ($strings !== null && $position > $strings))) {
                $this->problems->add(
                    $node->pathOf('position'),
                    'There is no such string. Give the position of the string the tree holds down.',
                );
            } elseif ($position !== null && $height !== null && $distance !== null) {
                $trees[$position] = new Tree($height, $distance);
            }
        }

        return $trees;
    }

    private function springs(Node $hardware): ?SpringSet
    {
        $node = $hardware->has('springs') ? $hardware->object('springs', 'the springs') : null;
        $count = $node?->integer('count', 'the number of springs');
        $rate = $node?->number('rate_n_per_mm', 'the rate of one spring in N/mm');
        $lever = $node?->has('lever') === true
            ? $node->numberWithin('lever', 'how high the strings are over the pivot, as a share of the springs’ arm', 0.05, 2.0)
            : SpringSet::USUAL_LEVER;
        $node?->reportUnknownKeys();
        if ($node === null || $count === null || $rate === null || $lever === null) {
            return null;
        }
        if ($count < 1 || $count > 8 || $rate <= 0 || $rate > 100) {
            $this->problems->add($node->path, 'Give 1 to 8 springs and the rate of one, more than 0 and at most 100 N/mm.');

            return null;
        }

        return new SpringSet($count, $rate * 1000, $lever);
    }

    /**
     * A length for every string, or one for all.
     *
     * @param  non-empty-string  $what
     * @return list<float> metres; empty if not given
     */
    private function each(Node $node, string $key, string $what, ?int $strings, bool $zero = false): array
    {
        if (! $node->has($key)) {
            return [];
        }
        if ($node->isList($key)) {
            $numbers = $node->numbers($key, $what) ?? [];
            if ($strings !== null && count($numbers) !== $strings) {
                $this->problems->add(
                    $node->pathOf($key),
                    'There are '
                        .count($numbers)
                        ." figures for {$strings} strings. Give one for each string, string 1 first, or one number for all.",
                );

                return [];
            }
        } else {
            $number = $node->number($key, $what);
            $numbers = $number === null ? [] : [$number];
        }
        foreach ($numbers as $number) {
            if ($number < 0 || ($number <= 0 && ! $zero) || $number > self::MOST_MM) {
                $this->problems->add(
                    $node->pathOf($key),
                    ucfirst($what).' must be '.($zero ? 'at least 0' : 'more than 0').' and at most 2000 mm.',
                );

                return [];
            }
        }

        return array_map(static fn (float $mm): float => $mm / 1000, $numbers);
    }

    /** @param  non-empty-string  $what */
    private function metres(Node $node, string $key, string $what, float $mostMm = self::MOST_MM): ?float
    {
        $mm = $this->within($node, $key, $what, 0.0, $mostMm);

        return $mm === null ? null : $mm / 1000;
    }

    /** @param  non-empty-string  $what */
    private function positive(Node $node, string $key, string $what): ?float
    {
        $mm = $this->within($node, $key, $what, 0.01, self::MOST_MM);

        return $mm === null ? null : $mm / 1000;
    }

    /** @param  non-empty-string  $what */
    private function within(Node $node, string $key, string $what, float $least, float $most): ?float
    {
        return $node->has($key) ? $node->numberWithin($key, $what, $least, $most) : null;
    }
}
