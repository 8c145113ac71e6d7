<?php

declare(strict_types=1);

namespace App\Http\Pages\Tuning;

use App\Http\Pages\Page;
use App\Tuning\Views\TunedStringView;

/** An instrument brought from where its strings stand to a tuning. */
final readonly class TunePage extends Page
{
    /**
     * @param  array{id: int, name: string, instrument: string, instrumentId: int}  $set
     * @param  DesignJson  $document
     * @param  list<string>  $kept  the names of the tunings that the set has
     * @param  ?int  $from  the tuning that its strings stand in; null where nothing is known of it
     * @param  list<TunedStringView>  $strings
     * @param  list<array{name: string, hz: list<float>}>  $tunings  every tuning of the set with what its strings sound, hertz
     * @param  list<array{value: string, label: string, positions: list<int>}>  $orders  in which strings may be tuned
     * @param  string  $order  which it is by its school
     * @param  array{id: int, round: int, tuned: bool, seated: bool}|null  $job  the job whose strings these are: what is heard of them is kept with it
     */
    public function __construct(
        public array $set,
        public \stdClass $document,
        public int $tuning,
        public array $kept,
        public ?int $from,
        public array $strings,
        public array $tunings,
        public array $orders,
        public string $order,
        public ?array $job,
        public bool $floats,
    ) {}
}
