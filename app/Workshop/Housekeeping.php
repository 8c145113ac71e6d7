<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Workshop\Copies\Arriving;
use App\Workshop\Copies\Backup;

/** Clears away files of earlier versions that nobody comes back for. What belongs to a job of the workshop clears up after itself. */
final readonly class Housekeeping
{
    public function sweep(Place $place): void
    {
        foreach (Files::in("{$place->run}/framework/sessions") as $session) {
            // Sessions are kept in the browser now.
            @unlink($session);
        }
        $log = "{$place->run}/logs/server.log";
        if (is_file($log)) {
            // Earlier versions wrote one log without end.
            @unlink($log);
        }
        Arriving::sweep($place);
        foreach (Files::in($place->run) as $file) {
            // Copies that nobody waited for to their end.
            if (str_starts_with(basename($file), Backup::LEAVING)) {
                @unlink($file);
            }
        }
    }
}
