<?php

declare(strict_types=1);

namespace App\Http;

use App\Workshop\Upload;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Lira\Document\InvalidDocument;

/** A file that a request brings. */
final class ReceivedFile
{
    /**
     * @param  string  $key  under which it comes
     * @param  string  $choose  what to say where there is none
     *
     * @throws InvalidDocument if there is none or it did not arrive whole
     */
    public static function of(Request $request, string $key, string $choose): Upload
    {
        $file = $request->file($key);
        if (! $file instanceof UploadedFile) {
            throw InvalidDocument::at("/{$key}", $choose);
        }
        // In whatever letters it was named.
        $name = mb_scrub($file->getClientOriginalName());
        if (! $file->isValid()) {
            throw InvalidDocument::at(
                "/{$key}",
                "“{$name}” did not arrive whole or is larger than 20 MB. Take a smaller one.",
            );
        }

        return new Upload($file->getPathname(), $name, (int) $file->getSize());
    }
}
