<?php

declare(strict_types=1);

namespace App\Console;

use App\Workshop\Copies\HalfWay;
use App\Workshop\Copies\Unfit;
use App\Workshop\DatabaseFault;
use App\Workshop\Unservable;

/** Commands on a workshop as a whole: what they cannot do they say in a sentence. */
trait SaysWhy
{
    /**
     * @param  string  $failed  what a fault of the database is said of, such as its path and a colon
     * @param  \Closure(): int  $do
     */
    private function sayingWhy(string $failed, \Closure $do): int
    {
        try {
            return $do();
        } catch (Unservable|Unfit|HalfWay $reason) {
            $said = $reason->getMessage();
        } catch (\PDOException|\ErrorException $failure) {
            $fault = DatabaseFault::behind($failure) ?? throw $failure;
            $said = "{$failed} {$fault->atStart()}";
        }
        $this->output->getErrorStyle()->writeln($said);

        return self::FAILURE;
    }
}
