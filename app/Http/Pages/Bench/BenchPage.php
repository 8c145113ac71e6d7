<?php

declare(strict_types=1);

namespace App\Http\Pages\Bench;

use App\Bench\Views\OnItNowView;
use App\Bench\Views\SavedSetView;
use App\Bench\Views\VersionView;
use App\Http\Pages\Page;
use App\Strings\Pools\Views\NamedPoolView;

/** What the Bench needs to draw a set at once, without asking again. */
final readonly class BenchPage extends Page
{
    /**
     * @param  EvaluationJson  $evaluation
     * @param  list<VersionView>  $versions  newest first
     * @param  list<array{string, string}>  $pitches  every pitch by its note number, spelt with sharps and with flats
     * @param  array<string, string>  $tuningNames  what tunings of so many strings are called, by their note numbers
     * @param  list<NamedPoolView>  $pools
     * @param  ?int  $pool  the pool it is chosen from; none for what is usually sold
     * @param  ?OnItNowView  $onIt  what is on its instrument now, as far as jobs tell
     */
    public function __construct(
        public SavedSetView $set,
        public array $evaluation,
        public array $versions,
        public array $pitches,
        public array $tuningNames,
        public array $pools,
        public ?int $pool,
        public ?OnItNowView $onIt,
    ) {}
}
