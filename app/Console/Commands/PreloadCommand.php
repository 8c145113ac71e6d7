<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Workshop\Place;
use App\Workshop\Serving\Preload;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Lira\Document\Json;

/** Sees which files an answer takes, for `lira:serve`: in a process of its own, that has just what it read itself. */
final class PreloadCommand extends Command
{
    private const EXAMPLE = 'docs/examples/harbour-baritone.json';

    protected $signature = 'lira:preload';

    protected $description = 'Note which files every answer takes, so that they are read in before the first';

    protected $hidden = true;

    public function handle(Place $place, Kernel $kernel): int
    {
        $set = Json::object((string) file_get_contents(base_path(self::EXAMPLE)));
        $set->pool = 'standard';
        foreach ([['GET', '/api/v1/ok', null], ['POST', '/api/v1/evaluations', Json::text($set)], ['GET', '/sets', null]] as [$method, $path, $body]) {
            $status = $kernel->handle(Request::create("http://127.0.0.1{$path}", $method, server: ['CONTENT_TYPE' => 'application/json'], content: $body))->getStatusCode();
            if ($status !== 200) {
                $this->error("{$method} {$path} was answered with {$status}: nothing is read in ahead.");

                return self::FAILURE;
            }
        }
        (new Preload($place))->learn();

        return self::SUCCESS;
    }
}
