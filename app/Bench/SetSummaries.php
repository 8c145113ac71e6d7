<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Views\SetSummaryView;
use App\Models\StringSet;
use Illuminate\Database\Eloquent\Builder;
use Lira\Kind\Kind;

/** Sets in a line each, for lists. */
final class SetSummaries
{
    /**
     * Read without a model for each: a workshop has thousands.
     *
     * @param  bool  $away  those that were put away instead
     * @param  int  $from  so many are left out at the beginning
     * @param  ?int  $most  so many at most; all of them where left out
     * @return list<SetSummaryView> instrument by instrument, the one whose set was last changed first, and of each the last changed first
     */
    public function all(bool $away = false, int $from = 0, ?int $most = null): array
    {
        // Which they are first, what they are of these alone.
        $ids = ($away ? StringSet::onlyTrashed() : StringSet::query())
            ->orderByRaw('max(updated_at) over (partition by instrument_id) desc, instrument_id desc')
            ->orderByDesc('updated_at')->orderByDesc('id')
            ->offset($from)->limit($most ?? PHP_INT_MAX)->toBase()->pluck('id')->all();
        $ids = array_values(array_filter($ids, is_int(...)));
        $summaries = [];
        $rows = ($away ? StringSet::onlyTrashed() : StringSet::query())->join('instruments', 'instruments.id', '=', 'sets.instrument_id')
            ->select([
                'sets.id',
                'sets.name',
                'sets.tuning_names',
                'sets.updated_at',
                'sets.instrument_id',
                'instruments.name as instrument',
                'instruments.kind',
                'instruments.strings',
            ])
            ->selectRaw('(select json_group_array(gauge_nm) from (select gauge_nm from set_strings where set_id = sets.id order by position)) as gauges_nm')
            ->when($from > 0 || $most !== null, static fn (Builder $some): Builder => $some->whereIntegerInRaw('sets.id', $ids))
            ->toBase()->get();
        foreach ($rows as $row) {
            /**
             * @var \stdClass&object{id: int, name: string, instrument_id: int, tuning_names: string, gauges_nm: string, updated_at: string, instrument: string,
             *     kind: string, strings: int} $row
             */
            /** @var list<string> $tunings */
            $tunings = json_decode($row->tuning_names, true);
            /** @var list<int> $gauges */
            $gauges = json_decode($row->gauges_nm, true);
            $summaries[$row->id] = new SetSummaryView(
                $row->id, $row->name, $row->instrument, $row->instrument_id, Kind::from($row->kind)->label(), $row->strings, $tunings, $gauges,
                str_replace(' ', 'T', $row->updated_at).'+00:00',
            );
        }

        // In the order of the first look; one that came since is not among them.
        return array_values(array_filter(array_map(static fn (int $id): ?SetSummaryView => $summaries[$id] ?? null, $ids)));
    }
}
