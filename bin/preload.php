<?php

declare(strict_types=1);

// Reads what every answer needs into the memory that PHP's workers share. App\Workshop\Serving\Preload says which files, and has PHP do
// this before it serves; a file that is gone is left out.
(static function (): void {
    $list = (string) getenv('LIRA_PRELOAD');
    if ($list === '' || ! is_file($list)) {
        return;
    }
    // Those that name others by which they are checked are linked once all are there.
    foreach (array_slice((array) file($list, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES), 1) as $file) {
        $path = dirname(__DIR__).'/'.$file;
        if (is_file($path)) {
            opcache_compile_file($path);
        }
    }
})();
