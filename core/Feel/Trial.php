<?php

declare(strict_types=1);

namespace Lira\Feel;

/** One go at finding what feels right: all strings tuned so many semitones from their baseline, and what was said of each. */
final readonly class Trial
{
    /** @param  list<?Verdict>  $felt  string 1 first; null where nothing was said */
    public function __construct(public int $semitones, public array $felt) {}
}
