<?php

declare(strict_types=1);

namespace App\Log\Shows;

use App\Workshop\Upload;
use Illuminate\Support\Carbon;
use Lira\Document\InvalidDocument;
use Lira\Document\Json;
use Lira\InvalidInput;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Reads a calendar within a budget of time and memory, in a process of its own: what somebody else wrote may take for ever to follow, and
 * stops nobody here.
 */
final class CalendarReading
{
    private const MOST_BYTES = 4_000_000;

    /**
     * Of its own work; waiting for a busy machine is not counted. What is followed through takes a third of it at most (two thousand shows
     * of two rows), and what is not is answered in half of two seconds.
     */
    private const MOST_S = 1.0;

    private const LOOK_EVERY_US = 20_000;

    /** By which the system counts the work of a process, a second. */
    private const TICKS = 100;

    private const MOST_MB = 128;

    private const WAITS_S = 30.0;

    /** @return ?int its exit code; null where it took too long */
    private static function run(Process $reading): ?int
    {
        $reading->start();
        while ($reading->isRunning()) {
            $reading->checkTimeout();
            if (self::workS((int) $reading->getPid()) > self::MOST_S) {
                $reading->stop(0, SIGKILL);

                return null;
            }
            usleep(self::LOOK_EVERY_US);
        }

        return $reading->getExitCode();
    }

    /** What a process has worked so far, seconds; nothing where the system does not tell. */
    private static function workS(int $pid): float
    {
        $stat = @file_get_contents("/proc/{$pid}/stat");
        // Its name, in brackets, may have spaces.
        $fields = $stat === false ? [] : explode(' ', substr((string) strrchr($stat, ')'), 2));

        return ((int) ($fields[11] ?? 0) + (int) ($fields[12] ?? 0)) / self::TICKS;
    }

    /**
     * @return list<SaidShow>
     *
     * @throws InvalidDocument if it cannot be read, or not within the budget
     */
    public static function of(Upload $file, \DateTimeZone $zone): array
    {
        if ($file->bytes > self::MOST_BYTES) {
            throw InvalidDocument::at('/file', 'This calendar is larger than 4 MB. Export a shorter time of it and try again.');
        }
        $reading = new Process([
            self::php(), '-d', 'memory_limit='.self::MOST_MB.'M', '-d', 'max_execution_time='.((int) ceil(self::MOST_S) + 1), '-d', 'display_errors=0', '-d', 'log_errors=0',
            base_path('bin/read-calendar.php'), $zone->getName(), Carbon::now()->toIso8601String(),
        ], base_path(), input: (string) file_get_contents($file->path), timeout: self::WAITS_S);
        try {
            $code = self::run($reading);
        } catch (ProcessTimedOutException) {
            $code = null;
        }
        if ($code === 3) {
            throw InvalidDocument::at('/file', $reading->getOutput());
        }
        try {
            $shows = $code === 0 ? Json::object('{"shows":'.$reading->getOutput().'}')->shows ?? null : null;
        } catch (InvalidInput) {
            $shows = null;
        }
        if (! is_array($shows)) {
            throw InvalidDocument::at('/file', 'Something in this calendar comes back in a way that takes too long to follow, or it is too much at once. Take that out, or export a shorter time of it, and try again.');
        }

        return array_map(SaidShow::ofArray(...), array_values(array_filter($shows, static fn (mixed $show): bool => $show instanceof \stdClass)));
    }

    /** The command line’s PHP, whatever server this runs in. */
    private static function php(): string
    {
        $found = (new PhpExecutableFinder)->find(false);

        return $found === false ? PHP_BINARY : $found;
    }
}
