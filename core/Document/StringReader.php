<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Kind\StringEnd;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\Core;
use Lira\Strings\CoreShape;
use Lira\Strings\GivenDensity;
use Lira\Strings\GroundWrap;
use Lira\Strings\RibbonWrap;
use Lira\Strings\RoundWrap;
use Lira\Strings\Source;
use Lira\Strings\State;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Lira\Strings\Wrap;

/** Reads one string of a set document. */
final readonly class StringReader
{
    private const FURTHEST_SADDLE_MM = 100;

    public function __construct(private Problems $problems) {}

    public function read(Node $string): ?StringSpec
    {
        $string->knows('position', 'hold', 'only', 'saddle_setback_mm');
        $construction = $string->oneOf('construction', 'a construction', Construction::class);
        $material = $string->oneOf('material', 'a material', Material::class);
        $gauge = $this->length($string, 'gauge', 'the gauge');
        $core = $string->has('core') ? $this->core($string->object('core', 'the core')) : null;
        $wraps = $string->has('wraps') ? $this->wraps($string->objects('wraps', 'the wraps')) : [];
        $density = $string->has('density') ? $this->density($string->object('density', 'the density')) : null;
        $length = $string->has('length_mm') ? $this->millimetres($string, 'length_mm', 'the string’s own length in mm') : null;
        $end = $string->has('end') ? $string->oneOf('end', 'an end of a string', StringEnd::class) : null;
        $string->reportUnknownKeys();
        if ($construction === null || $material === null || $gauge === null || $wraps === null) {
            return null;
        }

        return $this->problems->at(
            $string->path,
            static fn (): StringSpec => new StringSpec(
                StringType::of($construction, $material, $gauge),
                $core,
                $wraps,
                $density,
                $length,
                $end,
            ),
        );
    }

    /** Where its saddle was found, metres behind the scale length; null where nobody did. Its tension is reckoned at the scale length. */
    public function saddleM(Node $string): ?float
    {
        if (! $string->has('saddle_setback_mm')) {
            return null;
        }
        $found = $string->number('saddle_setback_mm', 'where its saddle was found, in mm behind the scale length');
        if ($found !== null && abs($found) > self::FURTHEST_SADDLE_MM) {
            $this->problems->add($string->pathOf('saddle_setback_mm'), 'A saddle stands within '.self::FURTHEST_SADDLE_MM.' mm of the scale length.');
        }

        return $found === null ? null : $found / 1000;
    }

    /**
     * A length given as exactly one of `…_in` and `…_mm`.
     *
     * @param  non-empty-string  $what
     */
    public function length(Node $node, string $key, string $what): ?Length
    {
        $inches = $node->has($key.'_in');
        $millimetres = $node->has($key.'_mm');
        if ($inches === $millimetres) {
            $this->problems->add($node->pathOf($key.'_in'), $inches
                ? "Give {$what} once: as {$key}_in or as {$key}_mm, not both."
                : "Missing: {$what}. Give {$key}_in (inches) or {$key}_mm (millimetres).");

            return null;
        }
        $unit = $inches ? '_in' : '_mm';
        $number = $node->number($key.$unit, $what);
        if ($number === null) {
            return null;
        }
        if ($number <= 0) {
            $this->problems->add($node->pathOf($key.$unit), ucfirst($what).' must be more than zero.');

            return null;
        }

        return $inches ? Length::inches($number) : Length::millimetres($number);
    }

    /** @param  non-empty-string  $what */
    private function millimetres(Node $node, string $key, string $what): ?Length
    {
        $number = $node->number($key, $what);
        if ($number !== null && $number <= 0) {
            $this->problems->add($node->pathOf($key), ucfirst($what).' must be more than zero.');
        }

        return $number === null || $number <= 0 ? null : Length::millimetres($number);
    }

    private function core(?Node $core): ?Core
    {
        $shape = $core?->oneOf('shape', 'a core shape', CoreShape::class);
        $material = $core?->oneOf('material', 'a material', Material::class);
        $size = $core === null ? null : $this->length($core, 'size', 'the core size');
        $core?->reportUnknownKeys();
        if ($core === null || $shape === null || $material === null || $size === null) {
            return null;
        }

        return $this->problems->at($core->path, static fn (): Core => Core::of($shape, $material, $size));
    }

    /**
     * @param  list<Node>|null  $nodes
     * @return list<Wrap>|null
     */
    private function wraps(?array $nodes): ?array
    {
        $wraps = [];
        foreach ($nodes ?? [] as $node) {
            $wrap = $this->wrap($node);
            $node->reportUnknownKeys();
            if ($wrap !== null) {
                $wraps[] = $wrap;
            }
        }

        return $nodes !== null && count($wraps) === count($nodes) ? $wraps : null;
    }

    private function wrap(Node $node): ?Wrap
    {
        $shape = $node->oneOf('shape', 'a wrap shape', WrapShape::class);
        $material = $node->oneOf('material', 'a material', Material::class);
        if ($shape === null || $material === null) {
            return null;
        }
        $first = $shape === WrapShape::Ribbon ? $this->length(
            $node,
            'thickness',
            'the ribbon’s thickness',
        ) : $this->length($node, 'size', 'the wire’s size');
        $second = match (true) {
            $shape === WrapShape::Ribbon => $this->length($node, 'width', 'the ribbon’s width'),
            $shape === WrapShape::Ground => $this->length($node, 'depth', 'the depth ground off'),
            $node->has('pitch_in') || $node->has('pitch_mm') => $this->length($node, 'pitch', 'the wrap’s pitch'),
            default => $first,
        };
        if ($first === null || $second === null) {
            return null;
        }

        return $this->problems->at($node->path, static fn (): Wrap => match ($shape) {
            WrapShape::Round => RoundWrap::of($material, $first, $second),
            WrapShape::Ribbon => RibbonWrap::of($material, $first, $second),
            WrapShape::Ground => GroundWrap::of($material, $first, $second),
        });
    }

    private function density(?Node $density): ?GivenDensity
    {
        $source = $density?->oneOf('source', 'a source', Source::class);
        if ($density === null || $source === null) {
            return null;
        }
        $state = $density->has('state') ? $density->oneOf('state', 'a state', State::class) : State::usualFor($source);
        $tolerance = match (true) {
            $density->has('tolerance') => $density->number('tolerance', 'the tolerance'),
            $source === Source::Measured => $this->missingTolerance($density),
            default => GivenDensity::SUPPLIED_TOLERANCE,
        };
        $kgPerM = $density->knows('kg_per_m')->has('kg_per_m') || $source !== Source::Modelled ? $density->number(
            'kg_per_m',
            'the linear density in kg/m',
        ) : null;
        $density->reportUnknownKeys();
        if ($source === Source::Modelled || $kgPerM === null || $tolerance === null || $state === null) {
            return null;
        }

        return $this->problems->at($density->path, static fn (): GivenDensity => $source === Source::Supplied
            ? GivenDensity::supplied($kgPerM, $tolerance, $state)
            : GivenDensity::measured($kgPerM, $tolerance, $state));
    }

    private function missingTolerance(Node $density): null
    {
        $this->problems->add(
            $density->pathOf('tolerance'),
            'Missing: how sure the measurement is. Give a share such as 0.004 for ±0.4 %, from the resolution of the scale and the ruler.',
        );

        return null;
    }
}
