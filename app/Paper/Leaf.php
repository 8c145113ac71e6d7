<?php

declare(strict_types=1);

namespace App\Paper;

/** What a sheet is written on: paper, or one page that holds all of itself and can be sent to anybody. */
enum Leaf: string
{
    case A4 = 'a4';
    case Letter = 'letter';
    case Page = 'page';

    public function type(): string
    {
        return $this === self::Page ? 'text/html; charset=utf-8' : 'application/pdf';
    }

    /** How a browser is to take it: paper is looked at, a page is kept as a file. */
    public function disposition(string $name): string
    {
        return $this === self::Page ? "attachment; filename=\"{$name}.html\"" : "inline; filename=\"{$name}.pdf\"";
    }
}
