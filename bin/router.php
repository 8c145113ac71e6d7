<?php

declare(strict_types=1);

use App\Http\Security\StandingHeaders;

// For PHP's built-in server: files of public/ as they are, with the headers of every answer; everything else to the application.
(static function (): void {
    $root = (string) realpath(__DIR__.'/../public');
    $path = rawurldecode((string) parse_url('http://here'.(string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
    $types = [
        'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
        'woff' => 'font/woff',
        'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain; charset=utf-8', 'json' => 'application/json',
        'webmanifest' => 'application/manifest+json',
    ];
    $type = $types[strtolower(pathinfo($path, PATHINFO_EXTENSION))] ?? null;
    // Nothing hidden, and nothing that is no name.
    // Whatever file of that name there may be, it is the application that is asked.
    [$_SERVER['SCRIPT_NAME'], $_SERVER['PHP_SELF'], $_SERVER['SCRIPT_FILENAME']] = ['/index.php', '/index.php', "{$root}/index.php"];
    unset($_SERVER['PATH_INFO']);
    if ($type === null || str_contains($path, "\0") || preg_match('~(^|/)\.~', $path) === 1 || ! in_array($_SERVER['REQUEST_METHOD'], ['GET', 'HEAD'], true)) {
        require __DIR__.'/../public/index.php';

        return;
    }
    $file = realpath($root.$path);
    if ($file === false || ! is_file($file) || ! str_starts_with($file, $root.'/')) {
        require __DIR__.'/../public/index.php';

        return;
    }
    if (! class_exists(StandingHeaders::class, false)) {
        require __DIR__.'/../app/Http/Security/StandingHeaders.php';
    }
    header_remove('X-Powered-By');
    foreach (StandingHeaders::ALWAYS + ['Content-Security-Policy' => StandingHeaders::NO_PAGE, 'Content-Type' => $type] as $name => $value) {
        header("{$name}: {$value}");
    }
    // What is built has a name of its own for each version.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    // Built files stand there compressed, too; whoever takes one of these forms is given the smaller.
    $accepted = preg_split('~\s*,\s*~', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')) ?: [];
    $takes = static fn (string $form): bool => (bool) preg_grep("~^{$form}(?:\s*;(?!\s*q=0(?:\.0*)?\s*$).*)?$~i", $accepted);
    foreach (['br' => 'br', 'gzip' => 'gz'] as $form => $ending) {
        if (is_file("{$file}.{$ending}")) {
            header('Vary: Accept-Encoding');
            if ($takes($form)) {
                $file = "{$file}.{$ending}";
                header("Content-Encoding: {$form}");
                break;
            }
        }
    }
    $modified = gmdate('D, d M Y H:i:s', (int) filemtime($file)).' GMT';
    header("Last-Modified: {$modified}");
    if (($_SERVER['HTTP_IF_MODIFIED_SINCE'] ?? '') === $modified) {
        http_response_code(304);

        return;
    }
    header('Content-Length: '.filesize($file));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }
})();
