<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Demo\Demo;
use App\Http\Pages\Workshop\CopiesPage;
use App\Http\ReceivedFile;
use App\Http\Said;
use App\Workshop\Copies\Arriving;
use App\Workshop\Copies\Backup;
use App\Workshop\Copies\Handover;
use App\Workshop\Copies\Shelf;
use App\Workshop\Database;
use App\Workshop\Files;
use App\Workshop\Place;
use App\Workshop\Unservable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Document\InvalidDocument;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Process\Process;

/** Copies of the whole workshop: made, kept, taken away in one file, brought back. */
final readonly class CopyController
{
    /** Looking at a copy of years may take so long. */
    private const MOST_S = 900;

    public function __construct(private Place $place, private Demo $demo) {}

    public function index(): Response
    {
        $shelf = Shelf::of($this->place);
        $database = new Database($this->place->database);

        return (new CopiesPage(
            kept: $shelf->copies(),
            folder: $shelf->folder(),
            own_folder: $shelf->isOwn(),
            made_at: $shelf->madeAt()?->toIso8601String(),
            space: [
                ['what' => 'The database', 'bytes' => self::bytes([$database->path, "{$database->path}-wal"])],
                ['what' => 'Photographs', 'bytes' => self::bytes(Files::in("{$this->place->files}/".Files::PHOTOGRAPHS))],
                ['what' => 'Lists on their way in', 'bytes' => self::bytes(Files::in("{$this->place->files}/".Files::IMPORTS))],
                ['what' => 'Copies of each day', 'bytes' => array_sum(array_column($shelf->copies(), 'bytes'))],
                ['what' => 'Kept before updates', 'bytes' => self::bytes($database->copies())],
                ['what' => 'Moved aside', 'bytes' => self::bytes($database->asides())],
            ],
            free: (int) disk_free_space(dirname($database->path)),
            // Whoever serves it otherwise brings copies back by the command.
            served: self::isServedByLira(),
            demo: $this->demo->isThere(),
            empty: $this->demo->isWanted(),
        ))->response();
    }

    /** A copy of now, to be kept elsewhere. */
    public function now(): BinaryFileResponse
    {
        set_time_limit(self::MOST_S);
        $backup = new Backup($this->place);
        $path = $backup->leavingPath();
        $backup->write($path);

        return self::download($path, basename($backup->usualPath()))->deleteFileAfterSend();
    }

    /** Everything as open formats. */
    public function open(): BinaryFileResponse
    {
        set_time_limit(self::MOST_S);
        $backup = new Backup($this->place);
        $path = $backup->leavingPath();
        $this->run(['lira:backup', $path, '--open'], 'It could not be written. The newest log says more.');

        return self::download($path, basename($backup->usualPath(open: true)))->deleteFileAfterSend();
    }

    /** A copy of now, where those of each day are. */
    public function store(): JsonResponse
    {
        set_time_limit(self::MOST_S);

        return new JsonResponse(['name' => basename(Shelf::of($this->place)->add())], 201);
    }

    public function show(string $name): BinaryFileResponse
    {
        return self::download(Shelf::of($this->place)->path($name) ?? throw new NotFoundHttpException, $name);
    }

    /** Where copies are kept: a folder of one's own, best on another disk, or the usual one. */
    public function move(Request $request): JsonResponse
    {
        $folder = Said::words($request, 'folder');
        $shelf = Shelf::of($this->place);
        $shelf->move($folder === '' ? null : $folder);

        return new JsonResponse(['folder' => $shelf->folder()]);
    }

    /** A piece of a copy that somebody brings. */
    public function piece(Request $request): JsonResponse
    {
        $file = ReceivedFile::of($request, 'file', 'Choose a copy: a zip that Lira has written.');
        $piece = file_get_contents($file->path);
        $arriving = Arriving::of($this->place, Said::words($request, 'upload'));

        return new JsonResponse(['bytes' => $arriving->add($piece === false ? '' : $piece, $request->integer('at'))]);
    }

    /** Looks at all of a copy, and says what is in it. Nothing is changed. */
    public function look(Request $request): JsonResponse
    {
        if (! self::isServedByLira()) {
            throw new Unservable('Lira is served by another server here, which only somebody at this machine can stop: bring it back with php artisan lira:restore FILE.');
        }
        $upload = Said::words($request, 'upload');
        $name = mb_substr(Said::words($request, 'name'), 0, 200);
        $arriving = $upload === '' ? null : Arriving::of($this->place, $upload);
        $path = $arriving === null ? Shelf::of($this->place)->path($name) : $arriving->path();
        if ($path === null || ! is_file($path)) {
            throw InvalidDocument::at('/name', 'There is no such copy any more. Choose another.');
        }
        set_time_limit(self::MOST_S);
        try {
            $this->run(['lira:restore', $path, "--look={$name}"], 'It could not be looked at. The newest log says more.');
        } finally {
            $arriving?->forget();
        }

        return new JsonResponse((new Handover($this->place))->found());
    }

    /** What was looked at is to take the place of what is here. */
    public function bringBack(Request $request): JsonResponse
    {
        (new Handover($this->place))->want(Said::words($request, 'key'));

        return new JsonResponse(['state' => Handover::WANTED], 202);
    }

    public function standing(): JsonResponse
    {
        return new JsonResponse((new Handover($this->place))->standing());
    }

    /**
     * Runs a command of Lira in a process of its own: what is in a file of somebody's cannot use up this one's memory or time.
     *
     * @param  list<string>  $command
     *
     * @throws Unservable with what it says where it fails
     */
    private function run(array $command, string $unsaid): void
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$command, '--no-interaction'], base_path(), $this->place->environment(), timeout: self::MOST_S);
        if ($process->run() !== 0) {
            $said = trim($process->getErrorOutput());
            throw new Unservable($said === '' ? $unsaid : $said);
        }
    }

    private static function isServedByLira(): bool
    {
        return is_string(getenv('LIRA_SERVER')) && getenv('LIRA_SERVER') !== '';
    }

    private static function download(string $path, string $name): BinaryFileResponse
    {
        return new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }

    /** @param  list<string>  $files */
    private static function bytes(array $files): int
    {
        return (int) array_sum(array_map(static fn (string $file): int => is_file($file) ? (int) filesize($file) : 0, $files));
    }
}
