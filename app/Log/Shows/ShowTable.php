<?php

declare(strict_types=1);

namespace App\Log\Shows;

use App\Strings\Lists\CsvFile;
use App\Workshop\Upload;
use Illuminate\Support\Carbon;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;

/** Shows of a CSV file with a row of titles: date, time, name, place, hours, instruments, heat, salt, sweat. */
final class ShowTable
{
    private const TITLES = [
        'date' => ['date', 'day', 'on'],
        'time' => ['time', 'start', 'starts'],
        'name' => ['name', 'show', 'what', 'title', 'event'],
        'place' => ['place', 'venue', 'where', 'location'],
        'hours' => ['hours', 'length', 'duration'],
        'instruments' => ['instruments', 'instrument'],
        'heat' => ['heat', 'hot'],
        'salt' => ['salt', 'outdoors'],
        'sweat' => ['sweat', 'wet'],
    ];

    private const YES = ['1', 'x', 'y', 'yes', 'true'];

    private const USUAL_HOURS = 2.0;

    private const USUAL_TIME = '20:00';

    private const DATE_FORMATS = ['!Y-m-d', '!d.m.Y', '!j.n.Y', '!d/m/Y'];

    private const MOST_ROWS = 2000;

    /**
     * @return list<SaidShow>
     *
     * @throws InvalidDocument with every row that cannot be read, its line and why
     */
    public static function read(Upload $file, \DateTimeZone $zone): array
    {
        $copy = tempnam(sys_get_temp_dir(), 'shows');
        if ($copy === false) {
            throw new \RuntimeException('There is no room for the list.');
        }
        try {
            return self::rows(CsvFile::receive($file->path, $copy), $zone);
        } finally {
            unlink($copy);
        }
    }

    /** @return list<SaidShow> */
    private static function rows(CsvFile $csv, \DateTimeZone $zone): array
    {
        [$columns, $shows, $problems] = [null, [], []];
        foreach ($csv->rows() as ['line' => $line, 'cells' => $cells]) {
            if ($columns === null) {
                $columns = self::columns($cells);

                continue;
            }
            $show = self::show($columns, $cells, $zone);
            if (is_string($show)) {
                $problems[] = new Problem("/file/lines/{$line}", "Line {$line}: {$show}");
            } else {
                $shows[] = $show;
            }
            if (count($shows) > self::MOST_ROWS) {
                throw InvalidDocument::at('/file', 'These are more than '.self::MOST_ROWS.' shows. Take a shorter list.');
            }
        }
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }

        return $shows === [] ? throw InvalidDocument::at('/file', 'No show is in this list. Give a row of titles and a row for each show.') : $shows;
    }

    /**
     * @param  list<string>  $titles
     * @return array<string, int>
     */
    private static function columns(array $titles): array
    {
        $columns = [];
        foreach ($titles as $index => $title) {
            foreach (self::TITLES as $column => $known) {
                if (in_array(mb_strtolower(trim($title)), $known, true)) {
                    $columns += [$column => $index];
                }
            }
        }
        if (! isset($columns['date'], $columns['name'])) {
            throw InvalidDocument::at('/file', 'The first row must name the columns: date and name at least, then time, place, hours, instruments, heat, salt, sweat as you like.');
        }

        return $columns;
    }

    /**
     * @param  array<string, int>  $columns
     * @param  list<string>  $cells
     * @return SaidShow|string a sentence where it cannot be read
     */
    private static function show(array $columns, array $cells, \DateTimeZone $zone): SaidShow|string
    {
        $cell = static fn (string $column): string => isset($columns[$column]) ? trim($cells[$columns[$column]] ?? '') : '';
        $yes = static fn (string $column): bool => in_array(mb_strtolower($cell($column)), self::YES, true);
        $time = $cell('time') === '' ? self::USUAL_TIME : $cell('time');
        $hours = $cell('hours') === '' ? self::USUAL_HOURS : str_replace(',', '.', $cell('hours'));
        $day = self::day($cell('date'));

        return match (true) {
            $day === null => "“{$cell('date')}” is no date. Write it as 2026-12-03.",
            preg_match('/^([01]?\d|2[0-3])[:.h]([0-5]\d)$/', $time) !== 1 => "“{$time}” is no time. Write it as 20:30.",
            $cell('name') === '' => 'It has no name.',
            ! is_numeric($hours) || $hours <= 0 || $hours > 24 => "“{$cell('hours')}” are no hours. Give 24 at most.",
            default => new SaidShow(
                mb_substr($cell('name'), 0, 200), mb_substr($cell('place'), 0, 200),
                Carbon::parse("{$day} ".strtr($time, '.h', '::'), $zone)->utc(), (float) $hours, $yes('heat'), $yes('salt'), $yes('sweat'), null,
                array_values(array_filter(array_map(trim(...), explode(';', strtr($cell('instruments'), '/|,', ';;;'))), static fn (string $name): bool => $name !== '')),
            ),
        };
    }

    private static function day(string $typed): ?string
    {
        foreach (self::DATE_FORMATS as $format) {
            $day = \DateTimeImmutable::createFromFormat($format, $typed);
            if ($day !== false && \DateTimeImmutable::getLastErrors() === false) {
                return $day->format('Y-m-d');
            }
        }

        return null;
    }
}
