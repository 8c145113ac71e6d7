<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Files;
use App\Workshop\Place;
use Lira\Document\Json;
use Lira\InvalidInput;

/**
 * What is in a copy of a workshop, as `manifest.json` in it says (`lira-workshop`, version 1): each file with its size and SHA-256, how
 * many rows each table has, and by which migrations its tables came about. Where its tables stand in it as open formats instead of the
 * database (`lira-workshop-open`, version 1), also the last number that each table gave.
 */
final readonly class Manifest
{
    public const NAME = 'manifest.json';

    public const DATABASE = 'workshop.sqlite';

    public const MOST_BYTES = 32_000_000;

    private const FORMAT = 'lira-workshop';

    private const OPEN_FORMAT = 'lira-workshop-open';

    private const VERSION = 1;

    /** Nothing else is ever written from a copy, wherever its names would lead. */
    private const NAMES = '~^(?:workshop\.sqlite|files/(?:'.Files::PHOTOGRAPHS.'|'.Files::IMPORTS.')/[\w-]{1,120}\.(?:jpg|csv))$~D';

    /** What else is in open formats: read by their own names, written nowhere. */
    private const OPEN_NAMES = '~^(?:tables|sets|instruments|jobs|lists|log)/[^/\\\\]{1,200}\.(?:json|csv)$~D';

    /**
     * @param  list<string>  $migrations
     * @param  array<string, int>  $rows  by table
     * @param  array<string, array{bytes: int, sha256: string}>  $files  by name
     * @param  ?array<string, int>  $sequences  the last number that each table gave; null where the database itself is in it
     */
    public function __construct(public string $madeAt, public array $migrations, public array $rows, public array $files, public ?array $sequences = null) {}

    /** Whether a file of this name may stand in it without being listed. */
    public function allows(string $name): bool
    {
        return $this->sequences !== null && preg_match(self::OPEN_NAMES, $name) === 1;
    }

    /** @return array<string, string> the files of a workshop that go along in a copy, by their name in it */
    public static function filesOf(Place $place): array
    {
        $files = [];
        foreach (Files::FOLDERS as $folder) {
            foreach (Files::in("{$place->files}/{$folder}") as $file) {
                $name = "files/{$folder}/".basename($file);
                if (self::holds($name)) {
                    $files[$name] = $file;
                }
            }
        }

        return $files;
    }

    public static function holds(string $name): bool
    {
        return preg_match(self::NAMES, $name) === 1;
    }

    public function text(): string
    {
        $files = [];
        foreach ($this->files as $path => $file) {
            $files[] = ['path' => $path] + $file;
        }

        return Json::text([
            'format' => $this->sequences === null ? self::FORMAT : self::OPEN_FORMAT, 'version' => self::VERSION, 'made_at' => $this->madeAt,
            'migrations' => $this->migrations, 'rows' => (object) $this->rows, 'files' => $files,
            ...($this->sequences === null ? [] : ['sequences' => (object) $this->sequences]),
        ], pretty: true)."\n";
    }

    /** @throws Unfit if it is not one, or of a newer version */
    public static function read(string $text): self
    {
        try {
            $json = Json::object($text);
        } catch (InvalidInput) {
            throw new Unfit('What it says of itself cannot be read: it is damaged. Take another copy.');
        }
        $isOpen = ($json->format ?? null) === self::OPEN_FORMAT;
        if ((! $isOpen && ($json->format ?? null) !== self::FORMAT) || ! is_int($json->version ?? null)) {
            throw new Unfit('It is not a copy of a workshop of Lira. Take one that lira:backup has made.');
        }
        if ($json->version > self::VERSION) {
            throw new Unfit('It was made by a newer version of Lira. Update Lira, then bring it back.');
        }
        $files = [];
        foreach (is_array($json->files ?? null) ? $json->files : [] as $file) {
            [$path, $bytes, $sha] = $file instanceof \stdClass ? [$file->path ?? null, $file->bytes ?? null, $file->sha256 ?? null] : [null, null, null];
            if (! is_string($path) || ! self::holds($path) || isset($files[$path]) || ! is_int($bytes) || $bytes < 0 || ! is_string($sha)) {
                throw new Unfit('It lists files that no copy of a workshop has, so nothing of it is used. Take another copy.');
            }
            $files[$path] = ['bytes' => $bytes, 'sha256' => $sha];
        }
        $rows = self::counts($json->rows ?? null);
        $migrations = array_values(array_filter(is_array($json->migrations ?? null) ? $json->migrations : [], is_string(...)));
        if (isset($files[self::DATABASE]) === $isOpen || $migrations === []) {
            throw new Unfit('There is no database in it. Take another copy.');
        }

        return new self(is_string($json->made_at ?? null) ? $json->made_at : '', $migrations, $rows, $files, $isOpen ? self::counts($json->sequences ?? null) : null);
    }

    /** @return array<string, int> by table */
    private static function counts(mixed $said): array
    {
        $counts = [];
        foreach ($said instanceof \stdClass ? get_object_vars($said) : [] as $table => $count) {
            $counts[(string) $table] = is_int($count) ? $count : -1;
        }

        return $counts;
    }
}
