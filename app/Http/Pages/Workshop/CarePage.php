<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;
use App\Jobs\Views\ChoiceView;

/** What is done to instruments, how often and why. */
final readonly class CarePage extends Page
{
    /**
     * @param  list<array{key: string, name: string, reason: string, caution: string, rhythm: string}>  $shipped
     * @param  list<array{key: string, name: string, reason: string, caution: string, rhythm: string, id: int, kinds: list<string>, owner: string, fingerboard: string, place: string}>  $own
     * @param  list<ChoiceView>  $kinds
     * @param  list<ChoiceView>  $fingerboards
     * @param  list<ChoiceView>  $places
     * @param  array{heat: float, salt: float, sweat: float}  $exposure  what an hour counts as
     * @param  int  $beforeShow  before a show strings are due when one in so many of such strings has gone
     */
    public function __construct(
        public array $shipped,
        public array $own,
        public array $kinds,
        public array $fingerboards,
        public array $places,
        public array $exposure,
        public int $beforeShow,
        public string $zone,
    ) {}
}
