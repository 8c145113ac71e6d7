<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Database;
use App\Workshop\DatabaseFault;
use App\Workshop\Files;
use App\Workshop\Place;
use App\Workshop\Renewal\Renewal;
use App\Workshop\Unservable;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Filesystem\Filesystem;
use ZipArchive;

/**
 * Brings a workshop back from a copy of it. All of it is looked at beside the present one before that is touched; the present one is
 * moved aside whole, and the copy, brought up to date where it is older, takes its place. A process that ends on the way leaves the one
 * or the other, and the next start finishes what was begun.
 */
final class Restore
{
    /** @var \Closure(string): void told before each step */
    private \Closure $before;

    /** @param  ?\Closure(string): void  $before  told before each step; for tests, which end the process there */
    public function __construct(private readonly Place $place, private readonly Migrator $migrator, ?\Closure $before = null)
    {
        $this->before = $before ?? static function (): void {};
    }

    /**
     * @param  string  $path  of a zip that {@see Backup} has written
     * @return array{manifest: Manifest, aside: ?string} what was brought back, and where the present one is now; null where there was none
     *
     * @throws Unfit if the file is none from which a workshop can be brought back; nothing was touched
     * @throws Unservable if the present one is in use, or there is no room
     */
    public function bring(string $path): array
    {
        return ['manifest' => $this->look($path), 'aside' => $this->putInPlace()];
    }

    /**
     * Looks at all of a copy and makes it ready beside the present workshop, which is not touched, also while it is served.
     *
     * @throws Unfit if the file is none from which a workshop can be brought back
     * @throws Unservable if there is no room
     */
    public function look(string $path): Manifest
    {
        Swap::at($this->place)->finish();
        $this->forget();
        try {
            return $this->orUntouched(function () use ($path): Manifest {
                $manifest = $this->unpack($path);
                $this->makeReady($manifest);

                return $manifest;
            });
        } catch (\Throwable $failure) {
            $this->forget();
            throw $failure;
        }
    }

    /**
     * Puts what was made ready in the place of the present workshop.
     *
     * @return ?string where the present one is now; null where there was none
     *
     * @throws Unservable if the present one is in use, or nothing is ready
     * @throws HalfWay if it stopped on the way
     */
    public function putInPlace(): ?string
    {
        try {
            return $this->orUntouched($this->swap(...));
        } finally {
            $this->forget();
        }
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $do
     * @return T
     *
     * @throws Unservable if the database or the disk does not let it
     * @throws HalfWay if it stopped on the way into its place
     */
    private function orUntouched(\Closure $do): mixed
    {
        try {
            return $do();
        } catch (\PDOException|\ErrorException $failure) {
            if (Swap::at($this->place)->isUnderWay()) {
                throw HalfWay::after($failure);
            }
            throw new Unservable("{$this->place->database} is as it was. ".(DatabaseFault::behind($failure)?->atStart() ?? 'The newest log says more.'), previous: $failure);
        }
    }

    /** Forgets what was made ready, or what an attempt that was cut short before anything was moved has left. */
    public function forget(): void
    {
        if (Swap::at($this->place)->isUnderWay()) {
            return;
        }
        $this->next()->discard();
        (new Filesystem)->deleteDirectory($this->nextFiles());
    }

    private function next(): Database
    {
        return new Database((new Database($this->place->database))->beside('restored'));
    }

    private function nextFiles(): string
    {
        return Place::of($this->next()->path, '')->files;
    }

    private function unpack(string $path): Manifest
    {
        ($this->before)('look at the zip');
        $zip = new ZipArchive;
        if (! is_file($path)) {
            throw new Unfit("There is no file {$path}. Name the zip that lira:backup has made.");
        }
        if ($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new Unfit("{$path} is no zip, or a damaged one. Take another copy.");
        }
        try {
            $manifest = $this->manifest($zip);
            $this->checkNames($zip, $manifest);
            ($this->before)('unpack');
            if ($manifest->sequences !== null) {
                (new FromTables($this->migrator))->build($zip, $manifest->migrations, $manifest->sequences, $this->next());
            }
            foreach ($manifest->files as $name => $file) {
                $this->take($zip, $name, $file);
            }
        } finally {
            $zip->close();
        }

        return $manifest;
    }

    private function manifest(ZipArchive $zip): Manifest
    {
        $about = $zip->statName(Manifest::NAME);
        if ($about === false) {
            throw new Unfit('It is not a copy of a workshop of Lira: it does not say what is in it. Take one that lira:backup has made.');
        }
        $text = $about['size'] > Manifest::MOST_BYTES ? false : $zip->getFromName(Manifest::NAME, Manifest::MOST_BYTES);
        if ($text === false) {
            throw new Unfit('What it says of itself cannot be read: it is damaged. Take another copy.');
        }

        return Manifest::read($text);
    }

    /** Exactly what it says is in it, as large as it says, and there is room for all of it. */
    private function checkNames(ZipArchive $zip, Manifest $manifest): void
    {
        $known = [Manifest::NAME => true];
        $open = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $about = $zip->statIndex($index);
            $name = $about === false ? '' : $about['name'];
            if (! isset($known[$name]) && $manifest->allows($name)) {
                $open += $about === false ? 0 : $about['size'];
                $known[$name] = true;

                continue;
            }
            if ($name !== Manifest::NAME && (! isset($manifest->files[$name]) || isset($known[$name]))) {
                throw new Unfit('There are files in it that it does not list, so nothing of it is used. Take another copy.');
            }
            if ($about !== false && $name !== Manifest::NAME && $about['size'] !== $manifest->files[$name]['bytes']) {
                throw new Unfit("{$name} in it is not as large as it says. It is damaged: take another copy.");
            }
            $known[$name] = true;
        }
        if (array_diff_key($manifest->files, $known) !== []) {
            throw new Unfit('Files that it lists are not in it. It is damaged: take another copy.');
        }
        $bytes = $open + array_sum(array_column($manifest->files, 'bytes'));
        $room = disk_free_space(dirname($this->place->database));
        if ($room !== false && $bytes > $room) {
            throw new Unservable('There is no room for it on the disk: it takes '.ceil($bytes / 1e6).' MB. Make room, then bring it back.');
        }
    }

    /** @param  array{bytes: int, sha256: string}  $file */
    private function take(ZipArchive $zip, string $name, array $file): void
    {
        $to = $name === Manifest::DATABASE ? $this->next()->path : $this->nextFiles().substr($name, strlen('files'));
        if (! is_dir(dirname($to))) {
            mkdir(dirname($to), 0o770, true);
        }
        [$from, $out] = [$zip->getStream($name), fopen($to, 'x')];
        if ($from === false || $out === false) {
            throw new Unfit("{$name} cannot be read from it. It is damaged: take another copy.");
        }
        // No more than it says, whatever comes out.
        $written = stream_copy_to_stream($from, $out, $file['bytes'] + 1);
        fclose($from);
        fsync($out);
        fclose($out);
        if ($written !== $file['bytes'] || hash_file('sha256', $to) !== $file['sha256']) {
            throw new Unfit("{$name} in it is not what it was when it was put there. It is damaged: take another copy.");
        }
    }

    private function makeReady(Manifest $manifest): void
    {
        ($this->before)('look at the database');
        $next = $this->next();
        try {
            $next->check();
            $faults = $next->faults();
            // Rows in open formats are anybody's to change.
            $isWhole = $faults === [] && ($manifest->sequences !== null || array_diff_assoc($manifest->rows, $next->counts()) === []);
        } catch (Unservable) {
            [$isWhole, $faults] = [false, []];
        }
        if (! $isWhole) {
            throw new Unfit($manifest->sequences === null ? 'The database in it is not whole. Take another copy.'
                : 'The tables in it do not go together'.($faults === [] ? '' : ": {$faults[0]}").'. Take the file as Lira has written it.');
        }
        ($this->before)('bring it up to date');
        $copy = (new Renewal($next, $this->migrator))->bringUp();
        if ($copy !== null) {
            unlink($copy);
        }
        $next->settle();
    }

    /** @return ?string where the present one is now */
    private function swap(): ?string
    {
        if (! $this->next()->exists()) {
            throw new Unservable('Nothing is ready to be brought back any more. Look at the copy again.');
        }
        $present = new Database($this->place->database);
        ($this->before)('keep who was let in');
        OfThisMachine::carryOver($present, $this->next());
        ($this->before)('close the present one');
        $aside = $present->exists() && ! $present->isHollow() ? $present->stamped('') : null;
        $moves = $aside === null ? [] : $present->movesTo($aside, $this->place->files, 'bring the copy back');
        if ($aside === null && $present->exists()) {
            unlink($present->path);
        }
        foreach (Files::FOLDERS as $folder) {
            if (is_dir("{$this->nextFiles()}/{$folder}")) {
                $moves[] = ["{$this->nextFiles()}/{$folder}", "{$this->place->files}/{$folder}"];
            }
        }
        if (! is_dir($this->place->files)) {
            mkdir($this->place->files, 0o770, true);
        }
        // Its database comes last: from then on it is the workshop.
        $moves[] = [$this->next()->path, $present->path];
        Swap::at($this->place)->make($moves, $this->before);

        return $aside;
    }
}
