<?php

declare(strict_types=1);

namespace App\Http\Pages\Log;

use App\Http\Pages\Page;
use App\Jobs\Views\ChoiceView;
use App\Log\Views\BrokeView;
use App\Log\Views\HoldsView;
use App\Log\Views\LivesView;

/** How long strings last. */
final readonly class LifePage extends Page
{
    /**
     * @param  list<LivesView>  $lives
     * @param  list<BrokeView>  $broke
     * @param  list<HoldsView>  $holds
     * @param  ?string  $owner  null for all; empty for what is nobody’s
     * @param  ?string  $part  by what each family is parted; null where it is not
     * @param  list<ChoiceView>  $parts
     * @param  list<string>  $owners
     * @param  list<ChoiceView>  $places
     */
    public function __construct(
        public array $lives,
        public array $broke,
        public array $holds,
        public ?string $owner,
        public ?string $place,
        public ?string $part,
        public array $parts,
        public array $owners,
        public array $places,
    ) {}
}
