<?php

declare(strict_types=1);

namespace App\Workshop\Serving;

use App\Workshop\Place;

/**
 * What every answer needs, read into the memory that all workers share before the first of them begins. Which files these are
 * `lira:preload` sees by answering some requests; that is kept for the next start until anything is installed anew. `bin/preload.php` reads them in.
 */
final readonly class Preload
{
    private const SCRIPT = 'bin/preload.php';

    /** What whoever asks reads in by itself each time, what only tests and commands need, and what has a parent that is made as it runs. */
    private const NEVER = [
        'vendor/composer/', 'vendor/symfony/polyfill', 'vendor/nunomaduro/', 'vendor/phpunit/',
        'app/Console/', 'vendor/nesbot/carbon/src/Carbon/Translator.php', 'vendor/nesbot/carbon/src/Carbon/CarbonPeriod.php',
        'vendor/nesbot/carbon/src/Carbon/MessageFormatter/', 'vendor/laravel/framework/src/Illuminate/View/Compilers/BladeCompiler.php',
    ];

    public function __construct(private Place $place) {}

    /** The file that lists them, one to a line after what they were seen with. */
    private function list(): string
    {
        return "{$this->place->run}/cached/preload.txt";
    }

    /** Whether they were seen with what is installed now. */
    public function isKnown(): bool
    {
        $list = @fopen($this->list(), 'r');
        if ($list === false) {
            return false;
        }
        $seenWith = fgets($list);
        fclose($list);

        return $seenWith === self::installed()."\n";
    }

    /** Notes which files this process has taken so far; it is to have answered what others ask for. */
    public function learn(): void
    {
        file_put_contents($this->list(), self::installed()."\n".implode("\n", self::files())."\n");
    }

    /** So that the next start goes without. */
    public function forget(): void
    {
        @unlink($this->list());
    }

    /** @return array<string, string> settings of PHP that read them in; none where they are not known */
    public function settings(): array
    {
        if (! $this->isKnown()) {
            return [];
        }
        // PHP takes nobody's word for it that root is meant.
        $user = posix_geteuid() === 0 ? ['opcache.preload_user' => posix_getpwuid(0)['name'] ?? 'root'] : [];

        return ['opcache.preload' => base_path(self::SCRIPT)] + $user;
    }

    /** @return array<string, string> by which the script knows the list */
    public function environment(): array
    {
        return ['LIRA_PRELOAD' => $this->list()];
    }

    /** @return list<string> the files that declare what is known now, those of the project and of its packages */
    private static function files(): array
    {
        $root = base_path().'/';
        /** @var array<string, string> $always */
        $always = require base_path('vendor/composer/autoload_files.php');
        $files = [];
        foreach ([...get_declared_classes(), ...get_declared_interfaces(), ...get_declared_traits()] as $class) {
            $file = (string) (new \ReflectionClass($class))->getFileName();
            $within = str_starts_with($file, $root) ? substr($file, strlen($root)) : '';
            if (preg_match('~^(app|core|vendor)/~', $within) === 1 && ! in_array($file, $always, true) && array_filter(self::NEVER, static fn (string $never): bool => str_starts_with($within, $never)) === []) {
                $files[$within] = true;
            }
        }

        return array_keys($files);
    }

    private static function installed(): string
    {
        return (string) hash_file('xxh128', base_path('vendor/composer/installed.php'));
    }
}
