<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Start\Answers as StartAnswers;
use App\Bench\Start\Start;
use App\Console\EvaluationTable;
use App\Console\PrintsTables;
use App\Console\ReadTable;
use App\Workshop\Database;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lira\Document\SetDocument;
use Lira\Wording\Units;

/** From three answers in one's own words to a set document, with the best strings in it; nothing is kept. */
final class StartCommand extends Command
{
    use PrintsTables;

    protected $signature = 'lira:start
        {instrument=electric guitar : What it is and its scale, such as "five-string bass 34 in"}
        {present? : What is on it and how it is tuned, such as "10-46 in E standard"}
        {wish? : What it should become, such as "C standard at 27 in"}
        {--table : Print what a person reads instead of JSON}
        {--units= : The units that are read and printed, such as in+lbf}';

    protected $description = 'Choose the strings that feel the same, from what one has and what it should become, and print a set document as JSON';

    public function handle(Start $start): int
    {
        $this->withoutWorkshop();
        $units = Units::named((string) $this->option('units'));
        $document = fn (): SetDocument => $start->design(new StartAnswers(
            (string) $this->argument('instrument'),
            (string) $this->argument('present'),
            (string) $this->argument('wish'),
        ), $units);

        return $this->printed(
            static fn (): \stdClass => $document()->json,
            static function () use ($document, $units): array {
                $made = $document();
                // The heading of the table says already what its first line says.
                $notes = is_string($made->json->notes ?? null) ? array_slice(explode("\n", $made->json->notes), 1) : [];

                return [
                    ...EvaluationTable::of($made, $units),
                    new ReadTable('Why', [''], array_map(static fn (string $note): array => [$note], $notes)),
                ];
            },
        );
    }

    /** Where there is no workshop, nothing of one's own is known; what is usual is all that is asked for. */
    private function withoutWorkshop(): void
    {
        $path = config('database.connections.sqlite.database');
        $database = new Database(is_string($path) ? $path : '');
        if (! $database->exists() || $database->isHollow()) {
            config(['database.connections.sqlite.database' => ':memory:']);
            DB::purge();
            Artisan::call('migrate', ['--force' => true]);
        }
    }
}
