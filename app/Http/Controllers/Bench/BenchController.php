<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Bench;
use App\Bench\FirstFigures;
use App\Http\Pages\Bench\BenchPage;
use App\Http\PutAway;
use App\Http\ReaderUnits;
use App\Http\Said;
use App\Models\Pool;
use App\Models\StringSet;
use App\Strings\Pools\Pools;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Kind\Kind;
use Lira\Pitch\TuningNames;

/** The Bench, where one set is designed. */
final readonly class BenchController
{
    private const LAST = 'bench.last';

    public function __construct(private Bench $bench, private Pools $pools, private FirstFigures $figures) {}

    /** Back to the set that was on the bench; at the first start the one that is half done. */
    public function last(Request $request): RedirectResponse
    {
        $last = $request->session()->get(self::LAST);
        $set = StringSet::query()->find(is_int($last) ? $last : 0) ?? StringSet::query()->latest('updated_at')->latest('id')->first();

        $open = Said::words($request, 'open');

        return $set === null ? redirect()->route('start.create') : redirect()->route('bench.show', ['set' => $set] + ($open === '' ? [] : ['open' => $open]));
    }

    public function show(Request $request, StringSet $set): Response
    {
        if ($set->trashed()) {
            return PutAway::page('set', $set->name, "/sets/{$set->id}/unarchive", "/bench/{$set->id}", '/sets');
        }
        $request->session()->put(self::LAST, $set->id);

        $page = $this->page($set)->response();

        // Only a page that is opened from nothing is waited for; others come with their scripts there.
        return $request->header('X-Inertia') !== null ? $page : $page->withViewData('figures', $this->figures->of($set, ReaderUnits::of($request)));
    }

    private function page(StringSet $set): BenchPage
    {
        $pool = $set->pool_id === null ? null : Pool::query()->find($set->pool_id);

        return new BenchPage(
            set: $this->bench->set($set),
            evaluation: $this->bench->evaluation($set, $pool),
            versions: $this->bench->versions($set),
            pitches: Bench::pitches(),
            tuningNames: TuningNames::for(Kind::from($set->instrument->kind), $set->instrument->strings)->byNotes(),
            pools: $this->pools->names(),
            pool: $pool?->id,
            onIt: $this->bench->onIt($set),
        );
    }
}
