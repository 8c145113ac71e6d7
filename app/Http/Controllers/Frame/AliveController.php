<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use Illuminate\Http\Response;

/** Says that Lira answers, and which server it is, so that whoever started it can tell it from another. */
final class AliveController
{
    public function __invoke(): Response
    {
        $token = getenv('LIRA_SERVER');

        return new Response(
            'ok',
            200,
            ['Content-Type' => 'text/plain; charset=utf-8'] + (is_string($token) && $token !== '' ? ['Lira-Server' => $token] : []),
        );
    }
}
