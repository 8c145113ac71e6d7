<?php

declare(strict_types=1);

namespace Tests\Core;

use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\Core;
use Lira\Strings\CoreShape;
use Lira\Strings\GroundWrap;
use Lira\Strings\RibbonWrap;
use Lira\Strings\RoundWrap;
use Lira\Strings\StringSpec;
use Lira\Strings\StringType;
use Lira\Strings\Wrap;

/** Worked values from an independent implementation of the same physics. */
final class Reference
{
    public const RELATIVE = 1e-6;

    /** @return list<array<string, mixed>> the cases of a section, and of a part of it */
    public static function cases(string $section, ?string $part = null): array
    {
        $text = (string) file_get_contents(__DIR__.'/../fixtures/physics.json');
        /** @var array<string, mixed> $all */
        $all = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return $part === null ? self::objects($all, $section) : self::objects(self::object($all, $section), $part);
    }

    /** @return iterable<string, array{array<string, mixed>}> the worked strings, by what they are */
    public static function strings(): iterable
    {
        foreach (self::cases('strings') as $index => $case) {
            $construction = self::text(self::object($case, 'string'), 'construction');

            yield "{$index}: {$construction} at ".self::text($case, 'pitch') => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    public static function spec(array $case): StringSpec
    {
        $string = self::object($case, 'string');
        $construction = Construction::from(self::text($string, 'construction'));
        if (! isset($string['core'])) {
            return new StringSpec(StringType::of(
                $construction,
                Material::from(self::text($string, 'material')),
                Length::metres(self::number($string, 'gauge_m')),
            ));
        }
        $core = self::object($string, 'core');
        $wraps = array_map(self::wrap(...), self::objects($string, 'wraps'));

        return new StringSpec(StringType::of(
            $construction,
            $wraps[count($wraps) - 1]->material(),
            Length::metres(self::number($case, 'outer_diameter_m')),
        ),
            Core::of(
                CoreShape::from(self::text($core, 'shape')),
                Material::from(self::text($core, 'material')),
                Length::metres(self::number($core, 'size_m')),
            ),
            $wraps,
        );
    }

    /** @param  array<string, mixed>  $from */
    public static function number(array $from, string $key): float
    {
        $value = $from[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : throw new \LogicException("No number {$key}");
    }

    /** @param  array<string, mixed>  $from */
    public static function text(array $from, string $key): string
    {
        $value = $from[$key] ?? null;

        return is_string($value) ? $value : throw new \LogicException("No text {$key}");
    }

    /**
     * @param  array<string, mixed>  $from
     * @return array<string, mixed>
     */
    public static function object(array $from, string $key): array
    {
        /** @var array<string, mixed> */
        return is_array($from[$key] ?? null) ? $from[$key] : throw new \LogicException("No object {$key}");
    }

    /**
     * @param  array<string, mixed>  $from
     * @return list<array<string, mixed>>
     */
    public static function objects(array $from, string $key): array
    {
        /** @var list<array<string, mixed>> */
        return is_array($from[$key] ?? null) ? array_values($from[$key]) : throw new \LogicException("No list {$key}");
    }

    /** @param  array<string, mixed>  $wrap */
    private static function wrap(array $wrap): Wrap
    {
        $material = Material::from(self::text($wrap, 'material'));

        return match (self::text($wrap, 'shape')) {
            'ribbon' => RibbonWrap::of(
                $material,
                Length::metres(self::number($wrap, 'thickness_m')),
                Length::metres(self::number($wrap, 'width_m')),
            ),
            'ground' => GroundWrap::of(
                $material,
                Length::metres(self::number($wrap, 'size_m')),
                Length::metres(self::number($wrap, 'depth_m')),
            ),
            default => RoundWrap::of($material, Length::metres(self::number($wrap, 'size_m'))),
        };
    }
}
