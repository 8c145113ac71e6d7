<?php

declare(strict_types=1);

namespace App\Http\Pages\Tuning;

use App\Http\Pages\Page;
use App\Tuning\Views\KeptMovesView;
use App\Tuning\Views\SaddleStringView;
use Lira\Intonation\Saddles;

/** Each saddle moved once. */
final readonly class IntonatePage extends Page
{
    /**
     * @param  array{id: int, name: string, instrument: string, instrumentId: int}  $set
     * @param  DesignJson  $document
     * @param  list<SaddleStringView>  $strings
     * @param  array{share: float, strings: int}|null  $learned
     * @param  array{id: int, holds_at: ?string}|null  $job  the open job that put these strings on, and when they hold, as far as that is known
     * @param  list<KeptMovesView>  $earlier  the last first
     */
    public function __construct(
        public array $set,
        public \stdClass $document,
        public int $tuning,
        public array $strings,
        public ?array $learned,
        public ?float $screw_mm,
        public Saddles $saddles,
        public ?array $job,
        public array $earlier,
    ) {}
}
