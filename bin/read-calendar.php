<?php

declare(strict_types=1);

/**
 * Reads the shows of a calendar (standard input) in a process of its own, which may be ended: what a calendar says to come back again and
 * again can take for ever to follow. Usage: php bin/read-calendar.php ZONE NOW, as Europe/Lisbon 2026-03-01T12:00:00Z. Prints them as
 * JSON; ends with 3 where it is refused, after printing why.
 */

use App\Log\Shows\SaidShow;
use App\Log\Shows\ShowCalendar;
use Illuminate\Support\Carbon;
use Lira\Document\InvalidDocument;

require __DIR__.'/../vendor/autoload.php';

[, $zone, $now] = $argv + ['', 'UTC', 'now'];
try {
    $shows = ShowCalendar::read((string) stream_get_contents(STDIN), new DateTimeZone($zone), Carbon::parse($now));
} catch (InvalidDocument $refused) {
    echo $refused->getMessage();
    exit(3);
}
echo json_encode(array_map(static fn (SaidShow $show): array => $show->toArray(), $shows), JSON_THROW_ON_ERROR);
