<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Instrument;
use App\Models\Share;
use App\Models\Shared;
use App\Models\StringSet;
use App\Network\Views\ShareView;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Lira\Wording\Units;

/**
 * Addresses that are given to somebody who is in the shop's network and not let in: each shows one sheet, until its end or until it is taken
 * back. What is kept of one (a key, an end) makes no address without what this machine signs with, so that a copy of the workshop opens nothing.
 */
final readonly class Shares
{
    public const LONGEST_DAYS = 90;

    public function __construct(private LastSeen $seen) {}

    /** @param  int  $days  until it ends, 1 to LONGEST_DAYS */
    public function ofSet(StringSet $set, Shared $what, Units $units, int $days): Share
    {
        return $this->give(['what' => $what, 'set_id' => $set->id], $units, $days);
    }

    /** @param  int  $days  until it ends, 1 to LONGEST_DAYS */
    public function ofYear(Instrument $instrument, int $year, Units $units, int $days): Share
    {
        return $this->give(['what' => Shared::Year, 'instrument_id' => $instrument->id, 'year' => $year], $units, $days);
    }

    /** @param  array{what: Shared, set_id?: int, instrument_id?: int, year?: int}  $of */
    private function give(array $of, Units $units, int $days): Share
    {
        return Share::query()->create($of + ['key' => (string) Str::uuid(), 'units' => $units->words(), 'ends_at' => now()->addDays($days)]);
    }

    /** @return list<ShareView> those that stand, the newest first */
    public function standing(): array
    {
        return array_values(Share::query()->with(['set', 'instrument'])->whereNull('ended_at')->where('ends_at', '>', now())->orderByDesc('id')->get()
            ->map($this->view(...))->all());
    }

    public function view(Share $share): ShareView
    {
        return ShareView::of($share, $this->address($share));
    }

    /** What is given to somebody; null while Lira answers no network. */
    private function address(Share $share): ?string
    {
        $root = Door::address();

        // Signed without its host: a machine that is reached otherwise later still knows it.
        return $root === null ? null : $root.URL::temporarySignedRoute('shares.show', $share->ends_at, ['key' => $share->key], absolute: false);
    }

    /** That stands behind a key that came signed; null where it stands no more. */
    public function find(string $key): ?Share
    {
        $share = Share::query()->where('key', $key)->first();

        return $share?->stands() === true ? $share : null;
    }

    public function opened(Share $share): void
    {
        $this->seen->keep($share, 'opened_at');
    }

    public function takeBack(Share $share): void
    {
        $share->update(['ended_at' => now()]);
    }
}
