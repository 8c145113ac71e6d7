<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\StringSet;
use Lira\Kind\Kind;

/** Sets in a line each, for lists. */
final class SetSummaries
{
    /**
     * Read without a model for each: a workshop has thousands.
     *
     * @param  bool  $away  those that were put away instead
     * @return list<array<string, mixed>> the last changed first
     */
    public function all(bool $away = false): array
    {
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
            ->orderByDesc('sets.updated_at')->orderByDesc('sets.id')->toBase()->get();
        foreach ($rows as $row) {
            /**
             * @var \stdClass&object{id: int, name: string, instrument_id: int, tuning_names: string, gauges_nm: string, updated_at: string, instrument: string,
             *     kind: string, strings: int} $row
             */
            $summaries[] = [
                'id' => $row->id,
                'name' => $row->name,
                'instrument' => $row->instrument,
                'instrumentId' => $row->instrument_id,
                'kind' => Kind::from($row->kind)->label(),
                'strings' => $row->strings,
                'tunings' => json_decode($row->tuning_names, true),
                'gauges_nm' => json_decode($row->gauges_nm, true),
                'savedAt' => str_replace(' ', 'T', $row->updated_at).'+00:00',
            ];
        }

        return $summaries;
    }
}
