<?php

declare(strict_types=1);

namespace App\Log\Reports;

use App\Hours\Worn;
use App\Strings\Lists\CsvRow;
use Illuminate\Support\Facades\DB;

/** Everything that the log keeps, as tables for other programs. */
final class Tables
{
    public const NAMES = ['fittings', 'hours', 'jobs', 'care', 'shows', 'saddles'];

    private const ROWS = [
        'fittings' => [
            ['Instrument', 'Owner', 'String', 'Construction', 'Material', 'Gauge mm', 'Coated', 'Set', 'Job', 'Lot', 'Fitted', 'Removed', 'Reason', 'Broke at', 'Hours that count'],
            "select i.name, i.owner, f.position, f.construction, f.material, f.gauge_nm / 1e6, case when f.coated then 'yes' else 'no' end, s.name, f.job_id, f.lot_id, f.fitted_at, f.removed_at, f.reason, f.broke_at, {hours}
                from fittings f join instruments i on i.id = f.instrument_id left join sets s on s.id = f.set_id order by f.fitted_at, f.instrument_id, f.position",
        ],
        'hours' => [
            ['Instrument', 'Day', 'Hours', 'Heat', 'Salt', 'Sweat', 'Show'],
            "select i.name, date(p.played_on), p.hours, case when p.heat then 'yes' else 'no' end, case when p.salt then 'yes' else 'no' end, case when p.sweat then 'yes' else 'no' end, w.name
                from plays p join instruments i on i.id = p.instrument_id left join shows w on w.id = p.show_id order by p.played_on, p.id",
        ],
        'jobs' => [
            ['Job', 'Instrument', 'Set', 'Owner', 'Reason', 'Bench', 'Begun', 'Finished', 'Minutes', 'Pull N', 'Rounds', 'Holds after h', 'Felt'],
            "select j.id, i.name, j.name, j.owner, j.reason, j.bench, j.created_at, j.finished_at, json_extract(j.standing, '$.minutes'), json_extract(j.standing, '$.pull_n'), json_extract(j.standing, '$.rounds'), json_extract(j.standing, '$.holds_h'), json_extract(j.standing, '$.felt')
                from jobs j join instruments i on i.id = j.instrument_id where j.archived_at is null order by j.id",
        ],
        'care' => [
            ['Instrument', 'What', 'Done', 'Day', 'Put off to', 'Why'],
            "select i.name, c.what, case when c.done then 'yes' else 'no' end, date(c.happened_on), date(c.until), c.note
                from care_entries c join instruments i on i.id = c.instrument_id order by c.happened_on, c.id",
        ],
        'shows' => [
            ['Name', 'Place', 'Begins UTC', 'Hours', 'Instruments'],
            "select w.name, w.place, w.starts_at, w.hours, (select group_concat(i.name, '; ') from plays p join instruments i on i.id = p.instrument_id where p.show_id = w.id)
                from shows w where w.archived_at is null order by w.starts_at",
        ],
        'saddles' => [
            ['Instrument', 'Day', 'Set', 'Tuning', 'String', 'Pitch', 'Moved mm', 'Found cents', 'Left cents'],
            "select i.name, date(n.created_at), n.set_name, n.tuning, json_extract(s.value, '$.position'), json_extract(s.value, '$.pitch'), json_extract(s.value, '$.moved_mm'), json_extract(s.value, '$.found_cents'), json_extract(s.value, '$.left_cents')
                from intonations n join instruments i on i.id = n.instrument_id, json_each(n.strings) s order by n.created_at, n.id, s.key",
        ],
    ];

    /**
     * @param  value-of<self::NAMES>  $name
     * @param  resource  $out
     */
    public static function write(string $name, $out): void
    {
        [$titles, $query] = self::ROWS[$name];
        CsvRow::write($out, $titles);
        foreach (DB::cursor(str_replace('{hours}', Worn::logged(), $query)) as $row) {
            CsvRow::write($out, array_values(array_map(static fn (mixed $cell): string => is_scalar($cell) ? (string) $cell : '', (array) $row)));
        }
    }
}
