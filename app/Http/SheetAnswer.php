<?php

declare(strict_types=1);

namespace App\Http;

use App\Paper\Leaf;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A written sheet on its way to whoever asked for it. */
final class SheetAnswer
{
    /** On what a request wants it: on A4 where it says nothing that is known. */
    public static function leaf(Request $request): Leaf
    {
        $said = $request->query('paper');

        return (is_string($said) ? Leaf::tryFrom($said) : null) ?? Leaf::A4;
    }

    /** @param  string  $name  of the file, without its ending */
    public static function of(string $written, Leaf $leaf, string $name): Response
    {
        return new Response($written, 200, ['Content-Type' => $leaf->type(), 'Content-Disposition' => $leaf->disposition($name)]);
    }
}
