<?php

declare(strict_types=1);

namespace App\Workshop;

/**
 * Where a workshop keeps its things: its database, the files that belong to it (photographs, lists on their way in), and what
 * only serves running it (caches, views, logs). Two workshops share none of these, so that one cannot answer for the other.
 *
 * A database at `X.sqlite` has its files in `X-files` beside it. The usual database runs in `storage/`; any other one, named
 * by the environment variable `DB_DATABASE`, in `X-files/run`.
 */
final readonly class Place
{
    private const USUAL = 'database/lira.sqlite';

    private const FOLDERS = ['logs', 'framework/cache/data', 'framework/views', 'cached'];

    private function __construct(public string $database, public string $files, public string $run) {}

    /** The place that the environment of this process names. */
    public static function ofEnvironment(string $base): self
    {
        $named = getenv('DB_DATABASE');

        return self::of(is_string($named) && $named !== '' ? $named : self::USUAL, $base);
    }

    /** @param  string  $database  a path; from the project's folder on where it is relative */
    public static function of(string $database, string $base): self
    {
        $path = str_starts_with($database, '/') ? $database : "{$base}/{$database}";
        $folder = realpath(dirname($path));
        $path = ($folder === false ? dirname($path) : $folder).'/'.basename($path);
        $files = preg_replace('/\.(sqlite3?|db)$/', '', $path).'-files';
        $usual = realpath($base).'/'.self::USUAL;

        return new self($path, $files, $path === $usual ? "{$base}/storage" : "{$files}/run");
    }

    /** Makes what folders are missing, but none beside a file that is no database. */
    public function prepare(): void
    {
        $start = is_file($this->database) ? (string) @file_get_contents($this->database, length: 16) : '';
        if ($start !== '' && $start !== "SQLite format 3\0") {
            return;
        }
        foreach (self::FOLDERS as $folder) {
            if (! is_dir("{$this->run}/{$folder}")) {
                @mkdir("{$this->run}/{$folder}", 0o770, true);
            }
        }
    }

    /** @return array<string, string> environment variables of a process that serves this workshop: its database and caches of its own */
    public function environment(): array
    {
        return ['DB_DATABASE' => $this->database] + array_map(fn (string $file): string => "{$this->run}/cached/{$file}", [
            'APP_CONFIG_CACHE' => 'config.php',
            'APP_ROUTES_CACHE' => 'routes.php',
            'APP_EVENTS_CACHE' => 'events.php',
            'APP_SERVICES_CACHE' => 'services.php',
            'APP_PACKAGES_CACHE' => 'packages.php',
        ]);
    }
}
