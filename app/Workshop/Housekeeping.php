<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\ImportStatus;
use App\Models\ListImport;
use App\Strings\Lists\ListImports;

/** Clears what nobody comes back for, so that nothing grows without end. */
final readonly class Housekeeping
{
    /** A list on its way in that nobody has gone on with for so long is let go of. */
    private const DAYS_FOR_IMPORTS = 7;

    public function __construct(private ListImports $imports) {}

    public function sweep(Place $place): void
    {
        $abandoned = ListImport::query()->where('status', '!=', ImportStatus::Written)
            ->where('updated_at', '<', now()->subDays(self::DAYS_FOR_IMPORTS))->get();
        foreach ($abandoned as $import) {
            $this->imports->cancel($import);
        }
        self::forgetUploads("{$place->files}/".Files::IMPORTS);
        foreach (self::files("{$place->run}/framework/sessions") as $session) {
            // Sessions are kept in the browser now.
            @unlink($session);
        }
        $log = "{$place->run}/logs/server.log";
        if (is_file($log)) {
            // Earlier versions wrote one log without end.
            @unlink($log);
        }
    }

    /** Uploads whose import never came to be, or is long gone. */
    private static function forgetUploads(string $folder): void
    {
        $known = ListImport::query()->where('status', '!=', ImportStatus::Written)->get(['file'])
            ->map(static fn (ListImport $import): string => basename($import->file))->all();
        foreach (self::files($folder) as $file) {
            if (! in_array(basename($file), $known, true) && filemtime($file) < time() - 86_400) {
                @unlink($file);
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        return array_values(array_filter((array) glob("{$folder}/*"), static fn (mixed $file): bool => is_string($file) && is_file($file)));
    }
}
