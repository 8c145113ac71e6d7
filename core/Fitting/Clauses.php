<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Wording\Statement;
use Lira\Wording\Units;

/** What is done, in clauses of at most eight words that are read at arm's length; joined they are a sentence on paper. */
final readonly class Clauses
{
    public const MOST_WORDS = 8;

    /**
     * @param  non-empty-list<string>  $lines
     * @param  array<string, int|float|string>  $parameters  SI, with the unit in the name
     * @param  list<string>  $brief  for who knows the work; the same where none are given
     */
    public function __construct(public string $code, private array $lines, private array $parameters, private array $brief = []) {}

    /** @return non-empty-list<string> */
    public function lines(Units $units): array
    {
        return array_map(fn (string $line): string => $this->text($line, $units), $this->lines);
    }

    /** @return non-empty-list<string> */
    public function brief(Units $units): array
    {
        return $this->brief === [] ? $this->lines($units) : array_map(fn (string $line): string => $this->text($line, $units), $this->brief);
    }

    public function statement(): Statement
    {
        return new Statement($this->code, self::sentence($this->lines), $this->parameters);
    }

    /** @param  list<string>  $lines */
    public static function sentence(array $lines): string
    {
        $words = implode('; ', $lines);

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1).(preg_match('/[?!]$/', $words) === 1 ? '' : '.');
    }

    private function text(string $line, Units $units): string
    {
        return (new Statement($this->code, $line, $this->parameters))->text($units);
    }
}
