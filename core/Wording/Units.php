<?php

declare(strict_types=1);

namespace Lira\Wording;

use Lira\Length\Length;
use Lira\Tension\Force;

/**
 * The units somebody reads, and how figures are written in them. Everything else is SI. The browser writes the same figures;
 * both are held to one file of cases.
 */
final readonly class Units
{
    private const NEWTONS = ['N' => 1.0, 'lbf' => Force::NEWTONS_PER_POUND, 'kgf' => Force::NEWTONS_PER_KILOGRAM];

    private const MM_PER_INCH = 1000 * Length::METRES_PER_INCH;

    /**
     * @param  'mm'|'in'  $length
     * @param  'thou'|'mm'  $gauge
     * @param  'N'|'lbf'|'kgf'  $tension
     */
    private function __construct(public string $length, public string $gauge, public string $tension) {}

    /** Millimetres, thousandths of an inch for gauges, newtons. */
    public static function si(): self
    {
        return self::named('');
    }

    /**
     * @param  string  $words  of `mm` or `in`, `thou` or `gauge-mm`, `N`, `lbf` or `kgf`, parted by spaces or plus signs; what is left out
     *     is SI
     */
    public static function named(string $words): self
    {
        $words = preg_split('/[\s+]+/', $words);
        $words = $words === false ? [] : $words;

        return new self(
            in_array('in', $words, true) ? 'in' : 'mm',
            in_array('gauge-mm', $words, true) ? 'mm' : 'thou',
            array_values(array_intersect(['lbf', 'kgf'], $words))[0] ?? 'N',
        );
    }

    /** What `named` reads. */
    public function words(): string
    {
        return implode(' ', [$this->length, $this->gauge === 'mm' ? 'gauge-mm' : 'thou', $this->tension]);
    }

    /** @return array{length: string, gauge: string, tension: string} */
    public function toArray(): array
    {
        return ['length' => $this->length, 'gauge' => $this->gauge, 'tension' => $this->tension];
    }

    /** A length, from metres. */
    public function length(float $metres): string
    {
        return $this->length === 'in'
            ? self::trimmed($metres * 1000 / self::MM_PER_INCH, 3).' in'
            : self::trimmed($metres * 1000, 1).' mm';
    }

    /**
     * A small length from metres, as a calliper reads it.
     *
     * @param  int  $decimals  of a millimetre, 0 to 3
     */
    public function fine(float $metres, int $decimals = 2): string
    {
        return $this->length === 'in'
            ? self::fixed($metres * 1000 / self::MM_PER_INCH, $decimals === 0 ? 1 : $decimals + 2).' in'
            : self::fixed($metres * 1000, $decimals).' mm';
    }

    /** A gauge as people say it: 10.5 (thousandths of an inch) or 0.267 (mm). */
    public function gauge(Length $gauge): string
    {
        return $this->gauge === 'mm' ? self::trimmed($gauge->inMillimetres(), 3) : self::trimmed($gauge->inThousandths(), 2);
    }

    /** A gauge that says its unit where that is not the usual one. */
    public function gaugeOnPaper(Length $gauge): string
    {
        return $this->gauge($gauge).($this->gauge === 'mm' ? ' mm' : '');
    }

    /**
     * A tension with no more digits than it earns: whole units once it is unsure by half a unit or more.
     *
     * @param  float  $tolerance  relative
     */
    public function tension(float $newtons, float $tolerance): string
    {
        $value = $newtons / self::NEWTONS[$this->tension];
        $unsure = $tolerance * $value;

        return self::fixed($value, $unsure >= 0.5 && $value >= 10 ? 0 : ($unsure < 0.005 ? 2 : 1)).' '.$this->tension;
    }

    /** A tension in a sentence: whole newtons, or tenths of a pound or kilogram. */
    public function force(float $newtons): string
    {
        return self::fixed($newtons / self::NEWTONS[$this->tension], $this->tension === 'N' ? 0 : 1).' '.$this->tension;
    }

    /** A signed change in per cent, with a real minus sign. */
    public static function change(float $share): string
    {
        $percent = self::fixed(100 * abs($share), 0);

        return match (true) {
            $percent === '0' => '±0 %',
            $share > 0 => "+{$percent} %",
            default => "−{$percent} %",
        };
    }

    /** Rounded half away from zero, as it is written in decimals: 2.035 gives 2.04. */
    public static function fixed(float $number, int $decimals): string
    {
        $rounded = round((float) sprintf('%.11e', $number * 10 ** $decimals)) / 10 ** $decimals;

        return sprintf("%.{$decimals}f", $rounded === 0.0 ? 0.0 : $rounded);
    }

    /** The same without zeros at its end. */
    public static function trimmed(float $number, int $decimals): string
    {
        $fixed = self::fixed($number, $decimals);

        return str_contains($fixed, '.') ? rtrim(rtrim($fixed, '0'), '.') : $fixed;
    }
}
