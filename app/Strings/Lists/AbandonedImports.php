<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ImportStatus;
use App\Models\ListImport;
use App\Workshop\Files;
use App\Workshop\Place;

/** Lets go of lists on their way in that nobody has gone on with, so that nothing grows without end. */
final readonly class AbandonedImports
{
    private const DAYS = 7;

    public function __construct(private ListImports $imports) {}

    public function sweep(Place $place): void
    {
        $abandoned = ListImport::query()->where('status', '!=', ImportStatus::Written)
            ->where('updated_at', '<', now()->subDays(self::DAYS))->get();
        foreach ($abandoned as $import) {
            $this->imports->cancel($import);
        }
        self::forgetUploads("{$place->files}/".Files::IMPORTS);
    }

    /** Uploads whose import never came to be, or is long gone. */
    private static function forgetUploads(string $folder): void
    {
        $known = ListImport::query()->where('status', '!=', ImportStatus::Written)->get(['file'])
            ->map(static fn (ListImport $import): string => basename($import->file))->all();
        foreach (Files::in($folder) as $file) {
            // By the files' own clock.
            if (! in_array(basename($file), $known, true) && filemtime($file) < time() - 86_400) {
                @unlink($file);
            }
        }
    }
}
