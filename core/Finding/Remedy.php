<?php

declare(strict_types=1);

namespace Lira\Finding;

/** What kind of thing cures a finding: what one does next, and who does it. */
enum Remedy: string
{
    /** Another gauge, construction or pitch. */
    case String = 'string';
    /** Something one does oneself while fitting: turns, a string tree, springs, retuning. */
    case Adjust = 'adjust';
    /** Work for a qualified repairer. */
    case Repairer = 'repairer';
    /** Nothing now; to be kept in mind. */
    case Watch = 'watch';

    public function label(): string
    {
        return match ($this) {
            self::String => 'Choose another string',
            self::Adjust => 'Adjust it yourself',
            self::Repairer => 'To a qualified repairer',
            self::Watch => 'Keep an eye on',
        };
    }
}
