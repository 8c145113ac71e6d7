<?php

declare(strict_types=1);

namespace App\Log\Reports;

use App\Hours\Worn;
use App\Strings\Lists\CsvRow;
use Illuminate\Support\Facades\DB;

/** Something that the log keeps, as a table for other programs. */
enum Table: string
{
    case Fittings = 'fittings';
    case Hours = 'hours';
    case Jobs = 'jobs';
    case Care = 'care';
    case Shows = 'shows';
    case Saddles = 'saddles';

    /** What it says. */
    public function says(): string
    {
        return match ($this) {
            self::Fittings => 'Every string that was put on: when, for how long, and why it came off',
            self::Hours => 'Hours played, by day',
            self::Jobs => 'Jobs, with what they took and led to',
            self::Care => 'Care that was taken or put off',
            self::Shows => 'Shows, with the instruments taken along',
            self::Saddles => 'Saddles that were moved, string by string',
        };
    }

    /** @return list<Column> */
    public function columns(): array
    {
        return match ($this) {
            self::Fittings => [
                Column::words('Instrument', 'i.name', 'The instrument that it was put on'),
                Column::words('Owner', 'i.owner', 'Whose instrument it is'),
                Column::figure('String', 'f.position', 0, 'Counted from the highest'),
                Column::words('Construction', 'f.construction', 'Plain, or how it is wound'),
                Column::words('Material', 'f.material', 'Of a plain string, or of its outer wrap'),
                Column::figure('Gauge mm', 'f.gauge_nm / 1e6', 4, 'Its outer diameter, millimetres'),
                Column::yes('Coated', 'f.coated', 'Whether it is coated'),
                Column::words('Set', 's.name', 'The set that it belongs to'),
                Column::figure('Job', 'f.job_id', 0, 'The number of the job that put it on'),
                Column::figure('Lot', 'f.lot_id', 0, 'The number of the lot in the drawer that it came from'),
                Column::words('Fitted UTC', 'f.fitted_at', 'When it was put on'),
                Column::words('Removed UTC', 'f.removed_at', 'When it came off; empty while it is on'),
                Column::words('Reason', 'f.reason', 'Why it came off'),
                Column::words('Broke at', 'f.broke_at', 'Where it broke'),
                Column::figure('Hours that count', Worn::logged(), 1, 'Hours logged while it was on, as they count in heat, salt air and with wet hands'),
            ],
            self::Hours => [
                Column::words('Instrument', 'i.name', 'The instrument that was played'),
                Column::words('Day', 'date(p.played_on)', 'The day'),
                Column::figure('Hours', 'p.hours', 2, 'Hours by the clock'),
                Column::yes('Heat', 'p.heat', 'Whether it was hot'),
                Column::yes('Salt', 'p.salt', 'Whether it was in salt air'),
                Column::yes('Sweat', 'p.sweat', 'Whether the hands were wet'),
                Column::words('Show', 'w.name', 'The show that they were played at'),
            ],
            self::Jobs => [
                Column::figure('Job', 'j.id', 0, 'Its number'),
                Column::words('Instrument', 'i.name', 'The instrument'),
                Column::words('Set', 'j.name', 'The set that was put on'),
                Column::words('Owner', 'j.owner', 'Whom it was done for'),
                Column::words('Reason', 'j.reason', 'Why it was done'),
                Column::words('Bench', 'j.bench', 'The bench where it was done'),
                Column::words('Begun UTC', 'j.created_at', 'When it was begun'),
                Column::words('Finished UTC', 'j.finished_at', 'When it was finished; empty while it is open'),
                Column::figure('Minutes', "json_extract(j.standing, '$.minutes')", 0, 'Minutes at the bench'),
                Column::figure('Pull N', "json_extract(j.standing, '$.pull_n')", 1, 'Pull of all strings at the end, newtons'),
                Column::figure('Rounds', "json_extract(j.standing, '$.rounds')", 0, 'Rounds of tuning that it took'),
                Column::figure('Holds after h', "json_extract(j.standing, '$.holds_h')", 1, 'Hours after which it held its pitch'),
                Column::words('Felt', "json_extract(j.standing, '$.felt')", 'How it felt'),
            ],
            self::Care => [
                Column::words('Instrument', 'i.name', 'The instrument'),
                Column::words('What', 'c.what', 'What was to be done'),
                Column::yes('Done', 'c.done', 'Whether it was done, or put off'),
                Column::words('Day', 'date(c.happened_on)', 'The day'),
                Column::words('Put off to', 'date(c.until)', 'The day that it was put off to'),
                Column::words('Why', 'c.note', 'Why it was put off, or what was found'),
            ],
            self::Shows => [
                Column::words('Name', 'w.name', 'The show'),
                Column::words('Place', 'w.place', 'Where it is'),
                Column::words('Begins UTC', 'w.starts_at', 'When it begins'),
                Column::figure('Hours', 'w.hours', 2, 'How long it is'),
                Column::words('Instruments', "(select group_concat(taken.name, '; ') from (select distinct i.id, i.name from plays p join instruments i on i.id = p.instrument_id where p.show_id = w.id order by i.name, i.id) as taken)", 'Those taken along'),
            ],
            self::Saddles => [
                Column::words('Instrument', 'i.name', 'The instrument'),
                Column::words('Day', 'date(n.created_at)', 'The day'),
                Column::words('Set', 'n.set_name', 'The set that was on'),
                Column::words('Tuning', 'n.tuning', 'The tuning'),
                Column::figure('String', "json_extract(s.value, '$.position')", 0, 'Counted from the highest'),
                Column::words('Pitch', "json_extract(s.value, '$.pitch')", 'Its open pitch'),
                Column::figure('Moved mm', "json_extract(s.value, '$.moved_mm')", 2, 'How far its saddle was moved, away from the nut; minus towards it'),
                Column::figure('Found cents', "json_extract(s.value, '$.found_cents')", 1, 'How much too high the fretted octave was before'),
                Column::figure('Left cents', "json_extract(s.value, '$.left_cents')", 1, 'How much too high it was left'),
            ],
        };
    }

    private function rows(): string
    {
        return match ($this) {
            self::Fittings => 'fittings f join instruments i on i.id = f.instrument_id left join sets s on s.id = f.set_id order by f.fitted_at, f.instrument_id, f.position, f.id',
            self::Hours => 'plays p join instruments i on i.id = p.instrument_id left join shows w on w.id = p.show_id order by p.played_on, p.id',
            self::Jobs => 'jobs j join instruments i on i.id = j.instrument_id where j.archived_at is null order by j.id',
            self::Care => 'care_entries c join instruments i on i.id = c.instrument_id order by c.happened_on, c.id',
            self::Shows => 'shows w where w.archived_at is null order by w.starts_at, w.id',
            self::Saddles => 'intonations n join instruments i on i.id = n.instrument_id, json_each(n.strings) s order by n.created_at, n.id, s.key',
        };
    }

    /** @param  resource  $out */
    public function write($out): void
    {
        $columns = $this->columns();
        CsvRow::write($out, array_column($columns, 'title'));
        // By number: several columns may have one name.
        $asked = implode(', ', array_map(static fn (Column $column, int $at): string => "{$column->sql} as \"{$at}\"", $columns, array_keys($columns)));
        foreach (DB::cursor("select {$asked} from {$this->rows()}") as $row) {
            $cells = array_values(get_object_vars($row));
            CsvRow::write($out, array_map(static fn (Column $column, mixed $cell): string|int|float => $column->cell($cell), $columns, $cells));
        }
    }
}
