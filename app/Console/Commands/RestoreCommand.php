<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\MakesSure;
use App\Console\SaysWhy;
use App\Workshop\Copies\Handover;
use App\Workshop\Copies\Restore;
use App\Workshop\Place;
use App\Workshop\Serving\Lock;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;

/** Brings a workshop back from a copy that `lira:backup` has written. The present one is moved aside whole. */
final class RestoreCommand extends Command
{
    use MakesSure;
    use SaysWhy;

    protected $signature = 'lira:restore
        {file : The zip that lira:backup has written}
        {--yes : Do not ask}
        {--look= : Only look at it and make it ready beside the workshop that is served; people know it by this name}';

    protected $description = 'Bring the workshop back from a copy; the present one is moved aside';

    public function handle(Place $place, Migrator $migrator): int
    {
        $file = $this->argument('file');

        $look = $this->option('look');
        if (is_string($look)) {
            return $this->sayingWhy("{$place->database}:", static function () use ($file, $look, $place, $migrator): int {
                (new Handover($place))->look(new Restore($place, $migrator), $file, $look);

                return self::SUCCESS;
            });
        }

        return $this->sayingWhy("{$place->database}:", function () use ($file, $place, $migrator): int {
            $this->makeSure("Move {$place->database} aside and bring back what is in {$file}?", "{$place->database} would be moved aside. Say so with --yes.");
            $place->prepare();
            $lock = Lock::take($place, 'a restore');
            try {
                ['manifest' => $manifest, 'aside' => $aside] = (new Restore($place, $migrator))->bring($file);
            } finally {
                $lock->release();
            }
            $this->line("{$place->database} is as it was on {$manifest->madeAt}.".($aside === null ? '' : " What was there is kept in {$aside}."));

            return self::SUCCESS;
        });
    }
}
