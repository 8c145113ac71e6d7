<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Models\ImportStatus;
use App\Models\ListImport;
use App\Models\ListString;
use App\Models\Supplier;
use App\Strings\Lists\ListImports;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Suppliers' lists as they come, awkward ones above all. */
final class ListImportTest extends FeatureTestCase
{
    private const HEADER = 'Code,Name,Construction,Material,Gauge,Price';

    private Supplier $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->supplier = Supplier::query()->create(['name' => 'Sandbar Strings']);
    }

    #[DataProvider('files')]
    public function test_awkward_files_are_read(string $content, string $encoding, string $delimiter): void
    {
        $preview = $this->upload($content)->assertCreated()->assertJson(['encoding' => $encoding, 'delimiter' => $delimiter]);
        self::assertSame(
            ['code' => 0, 'name' => 1, 'construction' => 2, 'material' => 3, 'gauge' => 4, 'price' => 5],
            self::sorted($preview->json('mapping.columns')),
        );
        $this->take(ListImport::query()->sole());

        $string = ListString::query()->where('code', 'S-11')->sole();
        self::assertSame(
            ['Größe “elf”', 'plain', 'music-wire', 195],
            [$string->name, $string->construction, $string->material, $string->cents],
        );
        self::assertSame(279_400, $string->gauge_nm);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function files(): iterable
    {
        $comma = self::HEADER."\nS-11,Größe “elf”,plain,steel,11,1.95\nS-46,x,wound,nickel,46,2.50\n";
        $semicolon = str_replace(',', ';', self::HEADER)."\r\nS-11;Größe “elf”;plain;steel;11;1,95\r\nS-46;x;wound;nickel;46;2,50\r\n";
        yield 'plain' => [$comma, 'UTF-8', ','];
        yield 'with a byte order mark' => ["\xEF\xBB\xBF".$comma, 'UTF-8 with mark', ','];
        yield 'semicolons and decimal commas' => [$semicolon, 'UTF-8', ';'];
        yield 'of an old machine' => [(string) mb_convert_encoding($semicolon, 'Windows-1252', 'UTF-8'), 'Windows-1252', ';'];
        yield 'UTF-16' => ["\xFF\xFE".mb_convert_encoding($comma, 'UTF-16LE', 'UTF-8'), 'UTF-16LE', ','];
        yield 'tabs' => [strtr($comma, [',' => "\t"]), 'UTF-8', "\t"];
        yield 'line breaks inside quotes' => [
            self::HEADER."\nS-46,\"two\nlines, and \"\"quotes\"\"\",wound,nickel,46,2\nS-11,Größe “elf”,plain,steel,11,1.95\n",
            'UTF-8',
            ',',
        ];
        yield 'empty lines and short rows' => [self::HEADER."\n\n,,,,,\nS-11,Größe “elf”,plain,steel,11,1.95\n\nS-46\n", 'UTF-8', ','];
    }

    public function test_every_row_that_is_not_taken_is_told_with_its_line_and_reason(): void
    {
        $this->upload(self::HEADER."\nA,\"over\ntwo lines\",plain,steel,11,1\nB,,plain,steel,thick,1\nA,again,plain,steel,12,1\nC,,plain,oak,12,1\n,,plain,steel,12,1\nD,,plain,steel,9 1/2,1\nE,,plain,steel,0.28 mm,1\n");
        $import = ListImport::query()->sole();
        $progress = $this->checked($import);

        self::assertSame(
            ['good' => 3, 'rejected' => 4, 'rows' => 7],
            ['good' => $progress->json('good'), 'rejected' => $progress->json('rejected'), 'rows' => $progress->json('rows')],
        );
        self::assertSame([4, 5, 6, 7], array_column((array) $progress->json('rejects'), 'line'));
        self::assertStringContainsString(
            '“thick” is not a gauge',
            (string) json_encode($progress->json('rejects.0'), JSON_UNESCAPED_UNICODE),
        );
        $progress->assertJsonPath('rejects.1.reason', 'The order code “A” stands already in line 2.');
        self::assertSame(0, ListString::query()->count(), 'nothing is in the list before it is written');
        $csv = $this->get("/strings/imports/{$import->id}/rejects")->assertOk()->streamedContent();
        self::assertStringContainsString('thick', $csv);

        $this->post("/strings/imports/{$import->id}/write")->assertOk()->assertJson(['written' => 3]);
        self::assertSame([279_400, 241_300, 280_000], ListString::query()->orderBy('code')->pluck('gauge_nm')->all());
        self::assertSame([], Storage::allFiles('imports'));
        self::assertLiraError($this->postJson("/strings/imports/{$import->id}/write"), 409, '', 'written already');
    }

    public function test_a_list_is_brought_up_to_date_with_a_readable_difference(): void
    {
        $this->upload(self::HEADER."\nA,one,plain,steel,11,1\nB,two,plain,steel,12,1\nC,three,plain,steel,13,1\n");
        $this->take(ListImport::query()->sole());
        $id = ListString::query()->where('code', 'A')->sole()->id;

        $second = $this->upload(self::HEADER."\nA,one,plain,steel,11,1.20\nB,two,plain,steel,12,1\nD,four,plain,steel,14,1\n")
            ->assertJson(['remembered' => true]);
        $import = self::latest();
        $this->checked($import, ['whole' => true])
            ->assertJsonPath('difference.added', 1)->assertJsonPath('difference.changed', 1)->assertJsonPath('difference.same', 1)
            ->assertJsonPath('difference.gone', 1)
            ->assertJsonPath('difference.changes.0', ['code' => 'A', 'words' => ['price 1.00 → 1.20']])
            ->assertJsonPath('difference.gone_codes', ['C']);
        $this->post("/strings/imports/{$import->id}/write")->assertOk();

        self::assertSame(['A', 'B', 'D'], ListString::query()->orderBy('code')->pluck('code')->all());
        self::assertSame(
            [$id, 120],
            [ListString::query()->where('code', 'A')->sole()->id, ListString::query()->where('code', 'A')->sole()->cents],
        );
        // What comes again later is the same string again.
        $this->upload(self::HEADER."\nC,three,plain,steel,13,1\n");
        $this->take(self::latest());
        self::assertSame(4, ListString::query()->count());
        self::assertSame(4, ListString::withTrashed()->count());
    }

    public function test_a_list_of_thousands_is_checked_in_pieces_and_can_be_left(): void
    {
        $rows = implode("\n", array_map(static fn (int $row): string => "R{$row},n,plain,steel,".(8 + $row % 20).',1', range(1, 6000)));
        $this->upload(self::HEADER."\n".$rows."\n");
        $import = ListImport::query()->sole();
        $this->map($import);
        $shares = [];
        do {
            $progress = $this->post("/strings/imports/{$import->id}/check")->assertOk();
            $shares[] = $progress->json('share');
        } while ($progress->json('status') === 'checking');
        self::assertCount(3, $shares);
        self::assertSame($shares, self::ordered($shares));
        self::assertSame(1, $progress->json('share'));
        self::assertSame(6000, $progress->json('good'));

        $this->delete("/strings/imports/{$import->id}")->assertOk();
        self::assertSame(
            [0, 0, 0, []],
            [ListImport::query()->count(), DB::table('import_rows')->count(), ListString::query()->count(), Storage::allFiles('imports')],
        );
    }

    #[DataProvider('bad')]
    public function test_what_is_no_list_is_refused(string $content, string $words): void
    {
        self::assertLiraError($this->upload($content), 422, '/file', $words);
        self::assertSame([], Storage::allFiles('imports'));
        self::assertSame(0, ListImport::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => ['', 'no rows'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'not text but a file'];
    }

    public function test_lines_may_end_with_a_carriage_return_alone(): void
    {
        $rows = self::HEADER."\nA-1,\"a, \r\nb\",plain,steel,10,1.95\nA-2,c,plain,steel,11,1.95\n";
        foreach (["\r", "\r\n"] as $end) {
            $this->upload(str_replace("\n", $end, str_replace("\r\n", "\n", $rows)));
            $this->checked(self::latest())->assertJson(['rows' => 2, 'good' => 2]);
        }
    }

    public function test_a_whole_list_with_no_rows_puts_nothing_away(): void
    {
        $this->upload(self::HEADER."\nA-1,a,plain,steel,10,1.95\n");
        $this->take(ListImport::query()->sole());
        $this->upload(self::HEADER."\n");
        $this->checked(self::latest(), ['whole' => true])->assertJson(['good' => 0, 'difference' => ['gone' => 1]]);

        self::assertLiraError($this->postJson('/strings/imports/'.self::latest()->id.'/write'), 409, '', 'has no rows that can be taken');
        self::assertSame([1, ImportStatus::Checked], [ListString::query()->count(), self::latest()->status]);
    }

    public function test_one_list_checked_from_two_tabs_counts_each_row_once(): void
    {
        $lines = implode('', array_map(static fn (int $row): string => "R-{$row},a,plain,steel,10,1.95\n", range(1, 3000)));
        $this->upload(self::HEADER."\n".$lines);
        $import = ListImport::query()->sole();
        $this->map($import);
        // Both tabs have read where it stands before either goes on.
        $other = ListImport::query()->sole();
        app(ListImports::class)->check(ListImport::query()->sole());
        app(ListImports::class)->check($other);
        app(ListImports::class)->check($other);

        $this->postJson("/strings/imports/{$import->id}/check")->assertOk()->assertJson(
            ['status' => 'checked', 'rows' => 3000, 'good' => 3000, 'rejected' => 0],
        );
    }

    public function test_needed_columns_have_to_be_mapped(): void
    {
        $this->upload("a,b\n1,2\n");
        $import = ListImport::query()->sole();

        self::assertLiraError(
            $this->putJson("/strings/imports/{$import->id}", ['columns' => ['code' => 0]]),
            422,
            '/columns',
            'which column has the gauge',
        );
        self::assertLiraError($this->postJson("/strings/imports/{$import->id}/write"), 409, '', 'not checked');
        self::assertLiraError($this->sendForm("/strings/suppliers/{$this->supplier->id}/imports"), 422, '/file', 'Choose a list');
    }

    public function test_a_list_goes_out_and_comes_in_again_alike_and_starts_no_formula(): void
    {
        $this->upload(self::HEADER."\n=1+1,@name,plain,steel,9.5,1.95\nS-46,\"a, \"\"b\"\"\",wound,nickel,46,\n");
        $this->take(ListImport::query()->sole());
        $before = ListString::query()->orderBy('id')->get(['code', 'name', 'gauge_nm', 'cents'])->toArray();
        $csv = $this->get("/strings/suppliers/{$this->supplier->id}/export")->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="sandbar-strings.csv"')->streamedContent();

        self::assertStringContainsString("'=1+1,'@name", $csv);
        foreach (explode("\n", $csv) as $line) {
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[=+@-]/', $line);
        }
        $again = $this->upload($csv);
        $this->checked(self::latest(), columns: (array) $again->json('mapping.columns'))
            ->assertJsonPath('difference.same', 2)->assertJsonPath('rejected', 0);
        self::assertSame($before, ListString::query()->orderBy('id')->get(['code', 'name', 'gauge_nm', 'cents'])->toArray());
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $content): TestResponse
    {
        return $this->sendForm(
            "/strings/suppliers/{$this->supplier->id}/imports",
            ['file' => UploadedFile::fake()->createWithContent('list.csv', $content)],
        );
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<mixed>|null  $columns
     */
    private function map(ListImport $import, array $more = [], ?array $columns = null): void
    {
        $columns ??= ['code' => 0, 'name' => 1, 'construction' => 2, 'material' => 3, 'gauge' => 4, 'price' => 5];
        $this->putJson("/strings/imports/{$import->id}", ['columns' => $columns] + $more)->assertOk()->assertJson(['status' => 'checking']);
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<mixed>|null  $columns
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function checked(ListImport $import, array $more = [], ?array $columns = null): TestResponse
    {
        $this->map($import, $more, $columns);

        return $this->post("/strings/imports/{$import->id}/check")->assertOk()->assertJson(['status' => 'checked']);
    }

    private function take(ListImport $import): void
    {
        $this->checked($import);
        $this->post("/strings/imports/{$import->id}/write")->assertOk();
    }

    private static function latest(): ListImport
    {
        return ListImport::query()->latest('id')->firstOrFail();
    }

    /** @return array<mixed> */
    private static function sorted(mixed $columns): array
    {
        $columns = (array) $columns;
        asort($columns);

        return $columns;
    }

    /**
     * @param  list<mixed>  $values
     * @return list<mixed>
     */
    private static function ordered(array $values): array
    {
        sort($values);

        return $values;
    }
}
