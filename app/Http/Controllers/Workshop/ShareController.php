<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\ReaderUnits;
use App\Http\Said;
use App\Http\Security\StandingHeaders;
use App\Log\Reports\YearSheet;
use App\Models\Instrument;
use App\Models\Share;
use App\Models\Shared;
use App\Models\StringSet;
use App\Network\Door;
use App\Network\Shares;
use App\Paper\Leaf;
use App\Paper\QrCode;
use App\Paper\SetPapers;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\URL;
use Lira\Document\InvalidDocument;
use Lira\Wording\Units;

/** Addresses that are given to somebody outside, and the sheets they show. */
final readonly class ShareController
{
    public function __construct(private Shares $shares, private SetPapers $papers, private YearSheet $years) {}

    public function store(Request $request): JsonResponse
    {
        if (Door::address() === null) {
            throw InvalidDocument::at('', 'Lira is not on the network. Turn that on under Workshop, Devices; or send the page as a file.');
        }
        $what = Shared::tryFrom(Said::words($request, 'what'))
            ?? throw InvalidDocument::at('/what', 'Say what is shown: '.implode(', ', array_column(Shared::cases(), 'value')).'.');
        $share = $what->isOfSet()
            ? $this->shares->ofSet(StringSet::query()->findOrFail($request->integer('set')), $what, ReaderUnits::of($request), self::days($request))
            : $this->shares->ofYear(Instrument::query()->findOrFail($request->integer('instrument')), self::year($request), ReaderUnits::of($request), self::days($request));
        $view = $this->shares->view($share);

        return new JsonResponse(['share' => $view, 'square' => QrCode::picture((string) $view->address)], 201);
    }

    public function destroy(Share $share): JsonResponse
    {
        $this->shares->takeBack($share);

        return new JsonResponse(['id' => $share->id]);
    }

    /** For whoever was given the address: that sheet alone, kept by nobody on the way. */
    public function show(Request $request, string $key): Response
    {
        // Whether it was made here is looked at before anything else.
        $share = URL::hasValidSignature($request, absolute: false) ? $this->shares->find($key) : null;
        if ($share === null) {
            return self::page(view('sheets.gone')->render(), 404);
        }
        $page = $this->written($share, Units::named($share->units));
        $this->shares->opened($share);

        return self::page($page, 200);
    }

    private function written(Share $share, Units $units): string
    {
        $set = $share->set;
        $instrument = $share->instrument;

        return match (true) {
            $share->what === Shared::Sheet && $set !== null => $this->papers->sheet($set, $units, Leaf::Page),
            $share->what === Shared::Fit && $set !== null => $this->papers->fit($set, $units, Leaf::Page),
            $share->what === Shared::Plan && $set !== null => $this->papers->plan($set, $units, Leaf::Page),
            $share->what === Shared::Year && $instrument !== null => $this->years->of($instrument, (int) $share->year, $units, Leaf::Page),
            default => throw new \LogicException("Share {$share->id} is of nothing."),
        };
    }

    private static function page(string $html, int $status): Response
    {
        return new Response($html, $status, [
            'Content-Type' => 'text/html; charset=utf-8', 'Cache-Control' => 'no-store', 'Referrer-Policy' => 'no-referrer',
            'X-Robots-Tag' => 'noindex', 'Content-Security-Policy' => StandingHeaders::SHEET,
        ]);
    }

    private static function days(Request $request): int
    {
        $days = filter_var(Said::words($request, 'days'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => Shares::LONGEST_DAYS]]);

        return $days === false ? throw InvalidDocument::at('/days', 'Say for how many days, 1 to '.Shares::LONGEST_DAYS.'.') : $days;
    }

    private static function year(Request $request): int
    {
        $year = filter_var(Said::words($request, 'year'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1000, 'max_range' => 2999]]);

        return $year === false ? throw InvalidDocument::at('/year', 'Say which year, such as 2026.') : $year;
    }
}
