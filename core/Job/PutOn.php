<?php

declare(strict_types=1);

namespace Lira\Job;

/** A job was finished: its strings are on, what was on before is off. */
final readonly class PutOn
{
    /**
     * @param  int  $atS  seconds of the clock
     * @param  list<int>  $positions  of its strings
     * @param  string  $reason  why the old ones came off
     * @param  array<int, array{how: string, where: string}>  $died  how some of them had ended, by position
     */
    public function __construct(public int $job, public int $atS, public array $positions, public string $reason, public array $died = []) {}
}
