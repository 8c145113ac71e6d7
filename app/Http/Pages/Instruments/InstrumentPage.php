<?php

declare(strict_types=1);

namespace App\Http\Pages\Instruments;

use App\Http\Pages\Page;
use App\Instruments\Views\KindChoiceView;
use App\Instruments\Views\OnItView;
use App\Instruments\Views\PhotographView;
use App\Log\Views\InstrumentLifeView;

/** One instrument, or a new one. */
final readonly class InstrumentPage extends Page
{
    /**
     * @param  array{id: int, revision: int, strings: int, document: InstrumentJson}|null  $instrument  null for one that is not kept yet
     * @param  list<KindChoiceView>  $kinds
     * @param  list<array{id: int, name: string}>  $sets  those designed for it
     * @param  list<PhotographView>  $photographs
     * @param  ?InstrumentLifeView  $life  hours on its strings, and how long they last; null for one that is not kept yet
     * @param  ?OnItView  $onIt  what is on it now, as far as jobs tell
     * @param  list<array{id: int, name: string}>  $open  jobs on it that are not finished
     */
    public function __construct(
        public ?array $instrument,
        public array $kinds,
        public array $sets,
        public array $photographs,
        public ?InstrumentLifeView $life,
        public ?OnItView $onIt,
        public array $open,
    ) {}
}
