<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use App\Demo\Demo;
use App\Workshop\Conflict;
use App\Workshop\Copies\Backup;
use App\Workshop\Database;
use App\Workshop\Place;
use Illuminate\Http\JsonResponse;

/** The demo workshop: put into an empty one, and taken out whole. */
final readonly class DemoController
{
    public function __construct(private Demo $demo, private Place $place) {}

    /** @throws Conflict where there is something already */
    public function store(): JsonResponse
    {
        if (! $this->demo->isWanted()) {
            throw Conflict::notEmpty();
        }
        $this->demo->putIn();

        return new JsonResponse(['id' => null], 201);
    }

    /** What would go, and what would stay. */
    public function show(): JsonResponse
    {
        return new JsonResponse($this->demo->leaving());
    }

    /** Takes it out, once a copy of everything as it is now is kept beside the database. */
    public function destroy(): JsonResponse
    {
        $copy = null;
        if ($this->demo->isThere()) {
            $copy = (new Database($this->place->database))->stamped('with-the-demo-', 'zip');
            (new Backup($this->place))->write($copy);
        }

        return new JsonResponse(['kept' => $this->demo->takeOut(), 'copy' => $copy]);
    }
}
