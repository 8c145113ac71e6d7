<?php

declare(strict_types=1);

namespace App\Strings\Lists;

use App\Models\ListString;
use App\Models\Supplier;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Samples\Samples;
use App\Workshop\Conflict;
use App\Workshop\Revision;
use Illuminate\Support\Facades\DB;
use Lira\Catalogue\Figure;
use Lira\Document\InvalidDocument;
use Lira\Document\Node;
use Lira\Document\Problem;
use Lira\Document\Problems;
use Lira\Document\StringReader;
use Lira\Document\TargetReader;
use Lira\Kind\Kind;
use Lira\PlainText;
use Lira\Solver\PackagedSet;
use Lira\Strings\BuiltString;

/** The packaged sets of a supplier, in and out as lines: order code, name, price, then the order codes of their strings from string 1. */
final class PackagedSets
{
    private const MOST_STRINGS = 14;

    public function __construct(private readonly Samples $samples) {}

    public function text(Supplier $supplier): string
    {
        $packed = DB::table('list_sets')->where('supplier_id', $supplier->id)->whereNull('archived_at')->orderBy('id');

        return CsvRow::text(static function ($out) use ($packed): void {
            foreach ($packed->get(['id', 'code', 'name', 'cents']) as $set) {
                /** @var \stdClass&object{id: int, code: string, name: string, cents: int} $set */
                $codes = DB::table('list_set_strings')->join('list_strings', 'list_strings.id', '=', 'list_set_strings.list_string_id')
                    ->where('list_set_id', $set->id)->orderBy('position')->pluck('code')->all();
                CsvRow::write($out, [$set->code, $set->name, number_format($set->cents / 100, 2, '.', ''), ...array_values(array_filter($codes, is_string(...)))]);
            }
        });
    }

    /** @return list<string> what suppliers' sets are called, their supplier first */
    public function names(): array
    {
        $names = [];
        foreach (DB::select(
            'select suppliers.name as supplier, list_sets.name from list_sets join suppliers on suppliers.id = list_sets.supplier_id
                where list_sets.archived_at is null order by list_sets.id limit ?',
            [TargetReader::MOST_PACKAGED],
        ) as $row) {
            /** @var \stdClass&object{supplier: string, name: string} $row */
            $names[] = self::called($row->supplier, $row->name);
        }

        return $names;
    }

    private static function called(string $supplier, string $name): string
    {
        return mb_substr("{$supplier}, {$name}", 0, PlainText::LONGEST_NAME);
    }

    /**
     * What suppliers pack, to be compared when a set is chosen: those with about as many strings first.
     *
     * @return list<\stdClass> packaged sets as a target says them; none where no supplier packs any
     */
    public function toCompare(int $strings): array
    {
        $names = [];
        foreach (DB::select(
            'select list_sets.id, suppliers.name as supplier, list_sets.name from list_sets join suppliers on suppliers.id = list_sets.supplier_id
                where list_sets.archived_at is null
                order by abs((select count(*) from list_set_strings where list_set_id = list_sets.id) - ?), list_sets.id limit ?',
            [$strings, TargetReader::MOST_PACKAGED],
        ) as $row) {
            /** @var \stdClass&object{id: int, supplier: string, name: string} $row */
            $names[$row->id] = self::called($row->supplier, $row->name);
        }
        $measured = $names === [] ? [] : $this->samples->densities();
        $packed = [];
        foreach (
            ListString::query()->withTrashed()->join('list_set_strings', 'list_set_strings.list_string_id', '=', 'list_strings.id')
                ->whereIn('list_set_id', array_keys($names))->orderBy('position')->get(['list_strings.*', 'list_set_id']) as $string
        ) {
            $id = $string->getAttribute('list_set_id');
            $packed[is_int($id) ? $id : 0][] = StringCatalogue::json($string, $measured);
        }
        $sets = [];
        foreach ($names as $id => $name) {
            if (isset($packed[$id])) {
                $sets[] = (object) ['name' => $name, 'strings' => $packed[$id]];
            }
        }

        return $sets;
    }

    /** @return array<string, array{cents: int, currency: string}> what each costs, by what it is called here */
    public function prices(): array
    {
        $prices = [];
        foreach (DB::select(
            'select suppliers.name as supplier, suppliers.currency, list_sets.name, list_sets.cents from list_sets join suppliers on suppliers.id = list_sets.supplier_id
                where list_sets.archived_at is null order by list_sets.id limit ?',
            [TargetReader::MOST_PACKAGED],
        ) as $row) {
            /** @var \stdClass&object{supplier: string, currency: string, name: string, cents: int} $row */
            $prices[self::called($row->supplier, $row->name)] = ['cents' => $row->cents, 'currency' => $row->currency];
        }

        return $prices;
    }

    /** A set as a target says it, its strings built; null where one cannot be read. */
    public function built(\stdClass $set, Kind $kind): ?PackagedSet
    {
        $strings = [];
        foreach (is_array($set->strings ?? null) ? $set->strings : [] as $string) {
            $problems = new Problems;
            $spec = $string instanceof \stdClass ? (new StringReader($problems))->read(Node::root($string, $problems)) : null;
            if ($spec === null) {
                return null;
            }
            $strings[] = BuiltString::of($spec, $kind);
        }

        return $strings === [] || ! is_string($set->name ?? null) ? null : new PackagedSet($set->name, $strings);
    }

    /**
     * Takes all lines at once, or none.
     *
     * @param  int  $revision  of the packaged sets, as they were read
     *
     * @throws InvalidDocument with every line that cannot be used
     * @throws Conflict if they were changed since
     */
    public function take(Supplier $supplier, string $text, int $revision): int
    {
        [$sets, $problems, $seen] = [[], [], []];
        $known = DB::table('list_strings')->where('supplier_id', $supplier->id)->whereNull('archived_at')->pluck('id', 'code')->all();
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(
                static fn (?string $cell): string => trim((string) $cell),
                str_getcsv($line, substr_count($line, ';') > substr_count($line, ',') ? ';' : ',', '"', ''),
            );
            $codes = array_values(array_filter(array_slice($cells, 3), static fn (string $code): bool => $code !== ''));
            $cents = Figure::cents($cells[2] ?? '');
            $missing = array_values(array_filter($codes, static fn (string $code): bool => ! isset($known[$code])));
            $why = match (true) {
                $cells[0] === '' || ($cells[1] ?? '') === '' => 'it needs an order code and a name',
                mb_strlen($cells[0]) > 60 || mb_strlen($cells[1]) > 200 => 'an order code has up to 60 characters, a name up to 200',
                isset($seen[$cells[0]]) => "the order code “{$cells[0]}” stands already in line {$seen[$cells[0]]}",
                $cents === null => '“'.($cells[2] ?? '').'” is not a price',
                $codes === [] || count($codes) > self::MOST_STRINGS => 'it needs the order codes of 1 to 14 strings',
                $missing !== [] => "no string is listed as “{$missing[0]}”",
                default => null,
            };
            $seen[$cells[0]] ??= $index + 1;
            if ($why !== null) {
                $problems[] = new Problem('/text', 'Line '.($index + 1).": {$why}.");
            } else {
                $sets[] = [
                    'code' => $cells[0],
                    'name' => $cells[1],
                    'cents' => (int) $cents,
                    'strings' => array_map(static fn (string $code): mixed => $known[$code], $codes),
                ];
            }
        }
        if ($problems !== []) {
            throw InvalidDocument::because($problems);
        }
        DB::transaction(function () use ($supplier, $sets, $revision): void {
            $current = Supplier::query()->findOrFail($supplier->id);
            Revision::advance($current, $revision, "What {$supplier->name} packs", 'sets_revision');
            $current->save();
            $this->write($current, $sets);
        });

        return count($sets);
    }

    /**
     * Changes what is there under its own code, adds what is new, and puts away what is gone: orders may still name it.
     *
     * @param  list<array{code: string, name: string, cents: int, strings: list<mixed>}>  $sets
     */
    private function write(Supplier $supplier, array $sets): void
    {
        $now = now()->toDateTimeString();
        DB::table('list_sets')->where('supplier_id', $supplier->id)->whereNull('archived_at')
            ->whereNotIn('code', array_column($sets, 'code'))->update(['archived_at' => $now]);
        foreach ($sets as $set) {
            DB::table('list_sets')->upsert(
                [
                    'supplier_id' => $supplier->id,
                    'code' => $set['code'],
                    'name' => $set['name'],
                    'cents' => $set['cents'],
                    'archived_at' => null,
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
                ['supplier_id', 'code'], ['name', 'cents', 'archived_at', 'updated_at'],
            );
            $id = DB::table('list_sets')->where('supplier_id', $supplier->id)->where('code', $set['code'])->value('id');
            DB::table('list_set_strings')->where('list_set_id', $id)->delete();
            foreach ($set['strings'] as $index => $string) {
                DB::table('list_set_strings')->insert(['list_set_id' => $id, 'list_string_id' => $string, 'position' => $index + 1]);
            }
        }
    }
}
