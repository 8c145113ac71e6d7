<?php

declare(strict_types=1);

// How fast 50 000 listed strings come in and are searched, and with how much memory: php benchmarks/strings.php

use App\Http\Requests\Strings\SearchStringsRequest;
use App\Models\ImportStatus;
use App\Models\Supplier;
use App\Strings\Catalogue\StringCatalogue;
use App\Strings\Lists\ListImports;
use App\Workshop\Upload;
use Illuminate\Support\Facades\File;

const ROWS = 50_000;

[$app, $folder] = require __DIR__.'/workshop.php';

$list = fopen($folder.'/list.csv', 'wb') ?: exit(1);
fputcsv($list, ['Order code', 'Name', 'Construction', 'Material', 'Gauge', 'Mass (g/m)', 'Price'], ',', '"', '');
for ($row = 0; $row < ROWS; $row++) {
    $wound = $row % 3 !== 0;
    $gauge = $wound ? 20 + $row % 60 : 7 + $row % 16;
    fputcsv(
        $list,
        [
            sprintf('X%06d', $row),
            'Series '.intdiv($row, 500).' no. '.$row,
            $wound ? 'round wound' : 'plain',
            $wound ? ['nickel plated', 'phosphor bronze', 'stainless'][$row % 3] : 'steel',
            (string) $gauge,
            '',
            number_format(0.9 + $row % 40 / 20, 2),
        ],
        ',',
        '"',
        '',
    );
}
fclose($list);

$supplier = Supplier::query()->create(['name' => 'Benchmark']);
$timed = static function (string $what, Closure $act): mixed {
    $start = microtime(true);
    $result = $act();
    printf("%-34s %7.0f ms\n", $what, 1000 * (microtime(true) - $start));

    return $result;
};
$import = $timed(
    'received',
    static fn () => app(ListImports::class)->receive($supplier, new Upload($folder.'/list.csv', 'list.csv', (int) filesize($folder.'/list.csv'))),
);
app(ListImports::class)->map(
    $import,
    ['code' => 0, 'name' => 1, 'construction' => 2, 'material' => 3, 'gauge' => 4, 'price' => 6],
    [],
    null,
    null,
    true,
);
$pieces = [];
while ($import->status === ImportStatus::Checking) {
    $start = microtime(true);
    app(ListImports::class)->check($import);
    $pieces[] = 1000 * (microtime(true) - $start);
}
sort($pieces);
printf("%-34s %7.0f ms in %d pieces, the longest %.0f ms\n", 'checked', array_sum($pieces), count($pieces), end($pieces));
$timed('difference', static fn () => app(ListImports::class)->progress($import));
printf("%-34s %7d strings\n", 'written', $timed('written', static fn () => app(ListImports::class)->write($import)));
foreach ([
    '' => 'all',
    'for=series+42+no' => 'three words',
    'for=x0499' => 'a code',
    'construction=round-wound&material=stainless-steel&from=0.03&to=0.05' => 'filters',
    'order=price&offset=40000' => 'by price, far down',
    'for=nothing+like+it' => 'nothing',
] as $query => $what) {
    $times = [];
    for ($run = 0; $run < 7; $run++) {
        parse_str($query, $parts);
        $start = microtime(true);
        app(StringCatalogue::class)->search(SearchStringsRequest::create('/strings/search', 'GET', $parts)->filter());
        $times[] = 1000 * (microtime(true) - $start);
    }
    sort($times);
    printf("search, %-26s %7.1f ms median, %.1f ms longest\n", $what, $times[3], $times[6]);
}
printf("%-34s %7.1f MiB\n", 'most memory', memory_get_peak_usage(true) / 2 ** 20);

File::deleteDirectory($folder);
