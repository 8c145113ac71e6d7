<?php

declare(strict_types=1);

namespace Lira\Wording;

use Lira\Length\Length;

/**
 * A sentence with its figures beside it, so that it can be read in anybody's units. Its places are `{name}`; how a figure is
 * written follows from its name: `…_n` a tension, `…gauge_mm` a gauge, `…_mm` a length (`{slot_mm:2}` to hundredths of a millimetre), `…_deg` an
 * angle, `share` or `…_share` a part of a whole; another number has its decimals behind a colon. `{low_mm:1!}` leaves out the unit.
 * `[name=word|text]` stands only where that parameter has that word. The browser reads the same sentences.
 *
 * @phpstan-type Parameters array<string, int|float|string>
 */
final readonly class Statement
{
    /** @param  Parameters  $parameters  SI, with the unit in the name */
    public function __construct(public string $code, public string $sentence, public array $parameters) {}

    public function text(Units $units): string
    {
        $chosen = (string) preg_replace_callback(
            '/\[(\w+)=([\w-]+)\|([^\[\]]*)\]/',
            fn (array $part): string => ($this->parameters[$part[1]] ?? null) === $part[2] ? $part[3] : '',
            $this->sentence,
        );

        return (string) preg_replace_callback(
            '/\{(\w+)(?::(\d))?(!)?\}/',
            fn (array $place): string => $this->written($place[1], (int) ($place[2] ?? 0), $units, withUnit: ! isset($place[3])),
            $chosen,
        );
    }

    private function written(string $name, int $decimals, Units $units, bool $withUnit): string
    {
        $value = $this->parameters[$name] ?? throw new \LogicException("The sentence of {$this->code} has no {$name}.");
        if (is_string($value)) {
            return $value;
        }

        $written = match (true) {
            str_ends_with($name, '_n') => $units->force($value),
            str_ends_with($name, 'gauge_mm') => $units->gaugeOnPaper(Length::millimetres($value)),
            str_ends_with($name, '_mm') => $units->fine($value / 1000, $decimals),
            str_ends_with($name, '_deg') => Units::fixed($value, 1).'°',
            $name === 'share', str_ends_with($name, '_share') => Units::fixed(100 * $value, 0).' %',
            default => Units::fixed($value, $decimals),
        };

        return $withUnit ? $written : explode(' ', $written)[0];
    }
}
