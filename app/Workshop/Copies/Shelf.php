<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use App\Workshop\Place;
use App\Workshop\StateFile;
use App\Workshop\Unservable;
use Carbon\CarbonImmutable;
use Lira\Wording\Dates;

/**
 * Where the copies of a workshop stand that it makes by itself each day: those of the last seven days, and of each month before the
 * last one. The folder is said on the machine, not in the workshop: a copy that is brought back elsewhere does not write over these.
 */
final readonly class Shelf
{
    private const DAYS_KEPT = 7;

    /** Where the workshop has become much smaller all at once, somebody may have to come back to what it was. */
    private const DAYS_KEPT_AFTER_A_LOSS = 35;

    private const LOSS = 0.5;

    /** A copy is made again once the last one is so old, so that it goes with the hours of the shop. */
    private const EVERY_H = 23;

    private const AGAIN_AFTER_H = 1;

    /** Without a copy for so long, it is said. */
    private const MISSED_AFTER_H = 48;

    private function __construct(private Place $place, private StateFile $state) {}

    public static function of(Place $place): self
    {
        return new self($place, new StateFile("{$place->run}/copies.json"));
    }

    public function folder(): string
    {
        $own = $this->said('folder');

        return $own ?? $this->usualFolder();
    }

    /** Beside the database; on the same disk, which a copy on another one outlives. */
    public function usualFolder(): string
    {
        return (string) preg_replace('/\.(sqlite3?|db)$/', '', $this->place->database).'-copies';
    }

    public function isOwn(): bool
    {
        return $this->said('folder') !== null;
    }

    /**
     * @param  ?string  $folder  a whole path of a folder that is there; null for the usual one
     *
     * @throws Unservable if copies cannot be kept there
     */
    public function move(?string $folder): void
    {
        if ($folder !== null) {
            $folder = rtrim($folder, '/');
            if (! str_starts_with($folder, '/')) {
                throw new Unservable('Give the whole path of the folder, from / on, such as /media/shop/lira.');
            }
            if (! is_dir($folder)) {
                throw new Unservable("There is no folder {$folder}. Make it, or plug in the disk that it is on, and try again.");
            }
            $real = (string) realpath($folder);
            if (is_link($this->place->files) || str_starts_with("{$real}/", "{$this->place->files}/") || str_starts_with("{$real}/", public_path().'/')) {
                throw new Unservable("{$folder} belongs to Lira itself. Choose a folder of your own, best on another disk.");
            }
            // Only writing tells.
            $probe = "{$folder}/.lira-".bin2hex(random_bytes(4));
            if (@file_put_contents($probe, 'x') !== 1) {
                throw new Unservable("{$folder} cannot be written to. Give yourself the right to, or choose another folder.");
            }
            unlink($probe);
        }
        $this->state->change(['folder' => $folder]);
    }

    /** @return list<array{name: string, bytes: int, on: string}> the newest first; nothing that somebody else has put there */
    public function copies(): array
    {
        $copies = [];
        foreach ((array) glob(addcslashes($this->folder(), '*?[\\').'/*.zip') as $file) {
            $day = is_string($file) ? $this->dayOf(basename($file)) : null;
            if (is_string($file) && $day !== null) {
                $copies[] = ['name' => basename($file), 'bytes' => (int) @filesize($file), 'on' => $day];
            }
        }
        usort($copies, static fn (array $a, array $b): int => [$b['on'], strlen($b['name']), $b['name']] <=> [$a['on'], strlen($a['name']), $a['name']]);

        return $copies;
    }

    /** Of a copy by its name; null where there is none of this name. */
    public function path(string $name): ?string
    {
        return in_array($name, array_column($this->copies(), 'name'), true) ? "{$this->folder()}/{$name}" : null;
    }

    /** Whether the copy of the day is still to be made. */
    public function isDue(): bool
    {
        return $this->isOver('made_at', self::EVERY_H) && $this->isOver('failed_at', self::AGAIN_AFTER_H);
    }

    private function isOver(string $moment, int $hours): bool
    {
        $at = $this->moment($moment);

        // A clock that was put back must not keep copies from being made.
        return $at === null || abs($at->diffInHours(CarbonImmutable::now())) >= $hours;
    }

    /**
     * Makes one, and lets go of those too many.
     *
     * @return string its path
     *
     * @throws Unservable if it could not be made; that is remembered
     */
    public function add(): string
    {
        (new Database($this->place->database))->orNone();
        try {
            $folder = $this->folder();
            if (! $this->isOwn() && ! is_dir($folder)) {
                @mkdir($folder, 0o770);
            }
            if (! is_dir($folder)) {
                throw new Unservable("The folder {$folder} for the copies is not there. Plug in the disk that it is on, or choose another folder.");
            }
            $path = $this->newPath($folder);
            (new Backup($this->place))->write($path);
        } catch (Unservable|\PDOException|\ErrorException $failure) {
            $why = $failure instanceof Unservable ? $failure->getMessage() : (DatabaseFault::behind($failure)?->atStart() ?? 'The newest log says more.');
            $this->state->change(['failed_at' => CarbonImmutable::now()->toIso8601String(), 'why' => $why]);
            if (! $failure instanceof Unservable) {
                report($failure);
            }
            throw new Unservable($why, previous: $failure);
        }
        $this->state->change(['made_at' => CarbonImmutable::now()->toIso8601String(), 'failed_at' => null, 'why' => null]);
        $this->tidy();

        return $path;
    }

    /** What to say where no copy came to be for days, or the last one failed. */
    public function warning(): ?string
    {
        $made = $this->moment('made_at');
        $failed = $this->moment('failed_at');
        $since = $made === null ? null : app(Dates::class)->date($made);
        if ($failed !== null) {
            return ($since === null ? 'No copy of this workshop could be made yet. ' : "No copy of this workshop could be made since {$since}. ").$this->said('why');
        }
        $start = $made ?? $this->moment('begun_at');

        return $start === null || abs($start->diffInHours(CarbonImmutable::now())) < self::MISSED_AFTER_H ? null
            : ($since === null ? 'No copy of this workshop was made yet.' : "No copy of this workshop was made since {$since}.");
    }

    /** From now on copies are awaited, where they were not before. */
    public function begin(): void
    {
        if ($this->moment('begun_at') === null) {
            $this->state->change(['begun_at' => CarbonImmutable::now()->toIso8601String()]);
        }
    }

    public function madeAt(): ?CarbonImmutable
    {
        return $this->moment('made_at');
    }

    private function newPath(string $folder): string
    {
        $stem = $this->stem().'-'.CarbonImmutable::now()->format('Y-m-d');
        $path = "{$folder}/{$stem}.zip";
        for ($count = 2; file_exists($path); $count++) {
            $path = "{$folder}/{$stem}-{$count}.zip";
        }

        return $path;
    }

    private function tidy(): void
    {
        $copies = $this->copies();
        $days = [];
        foreach ($copies as $copy) {
            $days[$copy['on']][] = $copy['name'];
        }
        $isLess = ($copies[0]['bytes'] ?? 0) < self::LOSS * max([0, ...array_column($copies, 'bytes')]);
        $kept = array_slice(array_keys($days), 0, $isLess ? self::DAYS_KEPT_AFTER_A_LOSS : self::DAYS_KEPT);
        $months = [];
        foreach (array_keys($days) as $day) {
            // The newest of each month.
            $months[substr($day, 0, 7)] ??= $day;
        }
        foreach (array_diff(array_keys($days), $kept, $months) as $day) {
            foreach ($days[$day] as $name) {
                @unlink("{$this->folder()}/{$name}");
            }
        }
    }

    private function stem(): string
    {
        return pathinfo($this->place->database, PATHINFO_FILENAME);
    }

    private function dayOf(string $name): ?string
    {
        return preg_match('/^'.preg_quote($this->stem(), '/').'-(\d{4}-\d\d-\d\d)(?:-\d+)?\.zip$/D', $name, $found) === 1 ? $found[1] : null;
    }

    private function said(string $key): ?string
    {
        $said = $this->state->read()[$key] ?? null;

        return is_string($said) && $said !== '' ? $said : null;
    }

    private function moment(string $key): ?CarbonImmutable
    {
        $said = $this->said($key);
        try {
            return $said === null ? null : CarbonImmutable::parse($said);
        } catch (\Exception) {
            return null;
        }
    }
}
