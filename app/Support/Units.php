<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;
use Lira\Length\Length;

/**
 * The units somebody reads in: lengths in mm or inches, gauges in thousandths of an inch or mm, tensions in N, lbf or kgf.
 * Written as three words, such as "mm thou N"; whatever is not known falls back to those.
 */
final readonly class Units
{
    private const NEWTONS = ['N' => 1.0, 'lbf' => 4.4482216152605, 'kgf' => 9.80665];

    private function __construct(public string $length, public string $gauge, public string $tension) {}

    /** The units of a request, from its `units` parameter or the cookie that remembers them. */
    public static function of(Request $request): self
    {
        $words = $request->query('units', $request->cookie('lira_units'));

        return self::named(is_string($words) ? $words : '');
    }

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

    /** @return array{length: string, gauge: string, tension: string} */
    public function toArray(): array
    {
        return ['length' => $this->length, 'gauge' => $this->gauge, 'tension' => $this->tension];
    }

    public function length(float $metres): string
    {
        return $this->length === 'in'
            ? self::figure(Length::metres($metres)->inInches(), 3).' in'
            : self::figure($metres * 1000, 1).' mm';
    }

    /** A length as a calliper reads it. */
    public function fine(float $metres): string
    {
        return $this->length === 'in'
            ? number_format(Length::metres($metres)->inInches(), 4).' in'
            : number_format($metres * 1000, 2).' mm';
    }

    public function gauge(Length $gauge): string
    {
        return $this->gauge === 'mm'
            ? number_format($gauge->inMillimetres(), 3).' mm'
            : self::figure($gauge->inThousandths(), 2);
    }

    /** A tension with no more digits than its tolerance earns. */
    public function tension(float $newtons, float $tolerance): string
    {
        $value = $newtons / self::NEWTONS[$this->tension];
        $decimals = $tolerance * $value >= 0.5 ? ($value >= 10 ? 0 : 1) : 1;

        return number_format($value, $decimals).' '.$this->tension;
    }

    private static function figure(float $number, int $decimals): string
    {
        return rtrim(rtrim(number_format($number, $decimals, '.', ''), '0'), '.');
    }
}
