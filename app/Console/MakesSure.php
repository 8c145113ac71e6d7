<?php

declare(strict_types=1);

namespace App\Console;

use App\Workshop\Unservable;

/** Commands that move a workshop aside: they ask first, or are told so with --yes. */
trait MakesSure
{
    /**
     * Asks, unless it was said beforehand with --yes.
     *
     * @param  string  $unasked  what to say where nobody can be asked
     *
     * @throws Unservable if it is not wanted, or nobody can be asked
     */
    private function makeSure(string $question, string $unasked): void
    {
        if ($this->option('yes') === true) {
            return;
        }
        if (! $this->input->isInteractive() || ! stream_isatty(STDIN)) {
            throw new Unservable($unasked);
        }
        if (! $this->confirm($question)) {
            throw new Unservable('Nothing was changed.');
        }
    }
}
