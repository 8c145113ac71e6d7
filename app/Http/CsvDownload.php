<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** A file of CSV to be kept, written as it is sent. */
final class CsvDownload
{
    /** @param  \Closure(resource): void  $write */
    public static function of(string $name, \Closure $write): StreamedResponse
    {
        return new StreamedResponse(static function () use ($write): void {
            $out = fopen('php://output', 'wb');
            if ($out !== false) {
                $write($out);
            }
        }, 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$name}.csv\""]);
    }
}
