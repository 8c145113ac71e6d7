<?php

declare(strict_types=1);

namespace App\Workshop;

/** What can be wrong with the database as a file, told apart so that it can be said what to do. */
enum DatabaseFault: string
{
    case Busy = 'busy';
    case Full = 'full';
    case Disk = 'disk';
    case ReadOnly = 'read-only';
    case Damaged = 'damaged';
    case Missing = 'missing';
    case Old = 'old';

    /** SQLite's own words for each, as drivers pass them on. */
    private const WORDS = [
        'busy' => ['database is locked', 'database table is locked'],
        'full' => ['database or disk is full', 'No space left on device', 'Disk quota exceeded', 'possibly out of free disk space', 'File too large'],
        'disk' => ['disk I/O error'],
        'read-only' => ['readonly database', 'read-only', 'unable to open database file', 'Permission denied'],
        'damaged' => ['disk image is malformed', 'file is not a database', 'malformed database schema'],
        'missing' => ['Database file at path'],
        'old' => ['no such table', 'no such column', 'has no column named'],
    ];

    /** What of the database made this fail; null if it was something else. */
    public static function behind(\Throwable $failure): ?self
    {
        for ($cause = $failure; $cause !== null; $cause = $cause->getPrevious()) {
            if (
                ! $cause instanceof \PDOException
                && ! $cause instanceof \InvalidArgumentException
                && ! $cause instanceof \ErrorException
                && ! $cause instanceof \League\Flysystem\FilesystemException
            ) {
                continue;
            }
            foreach (self::WORDS as $fault => $words) {
                foreach ($words as $word) {
                    if (stripos($cause->getMessage(), $word) !== false) {
                        return self::from($fault);
                    }
                }
            }
        }

        return null;
    }

    /** For somebody who starts Lira: what to do first. */
    public function atStart(): string
    {
        return match ($this) {
            self::Busy => 'The database is busy: something else has it open and writes. End that, then start again.',
            self::Full => 'The disk is full. Make room on it, then start again.',
            self::Disk => 'The disk cannot be read or written: it is full or failing. Make room on it or look to it, then start again.',
            self::ReadOnly => 'The database cannot be written to. Give yourself the right to write to its file and its folder, then start again.',
            default => $this->sentence(),
        };
    }

    /** For somebody at the screen: what happened to the work, and what to do. */
    public function sentence(): string
    {
        return match ($this) {
            self::Busy => 'The database is busy: something else has been writing for more than five seconds. Nothing was changed here; try again in a moment.',
            self::Full => 'The disk is full, so nothing was saved. Make room on it, then try again; what you typed is still here.',
            self::Disk => 'The disk cannot be read or written: it is full or failing, so nothing was saved. Make room on it or look to it, then try again; what you typed is still here.',
            self::ReadOnly => 'The database cannot be written to. Give Lira the right to write to its file and its folder, then try again; what you typed is still here.',
            self::Damaged => 'The database is damaged. Stop Lira, put the newest copy that lies beside it in its place, and start it again.',
            self::Missing => 'The database is not where it was. Put it back, or start Lira again.',
            self::Old => 'The database is not as this version needs it. Start Lira again: it is brought up to date then.',
        };
    }

    /** The status of an answer over HTTP. */
    public function status(): int
    {
        return match ($this) {
            self::Busy => 503,
            self::Full, self::Disk => 507,
            default => 500,
        };
    }
}
