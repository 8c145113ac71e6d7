<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\WorkshopSettings;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\View;
use Lira\Finding\Finding;
use Lira\Finding\Remedy;
use Lira\Wording\Units;

/** Sheets: a view on paper or as a page to be sent, and what all of them say alike. */
final class Sheet
{
    /** What a screen needs besides: all of it is in the page, nothing is fetched, and nothing is told to anybody. */
    private const ON_SCREEN = '<meta name="viewport" content="width=device-width, initial-scale=1"><meta name="referrer" content="no-referrer">'
        .'<style>body { max-width: 60rem; margin: 2rem auto; padding: 0 1.2rem; font-size: 1rem; line-height: 1.4; background: #fff; }'
        .' th, .small, .foot, .here { font-size: .82rem; } h1 { font-size: 1.9rem; line-height: 1.15; }'
        .' .wide { overflow-x: auto; } @media (max-width: 40rem) { .wide td, .wide th { min-width: 4.6rem; padding-right: .6rem; } .wide .figure { min-width: 3rem; } }'
        .' @media print { body { max-width: none; margin: 0; } }</style>';

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $content
     * @return string a PDF, or a page that holds all of itself
     */
    public static function of(string $view, string $title, array $content, Leaf $leaf): string
    {
        $html = View::make($view, $content + ['here' => WorkshopSettings::here()->heading()])->render();
        if ($leaf === Leaf::Page) {
            $page = strtr($html, ['</head>' => self::ON_SCREEN.'</head>', '<body>' => '<body><main>', '</body>' => '</main></body>']);

            // A table that is wider than a phone goes sideways, also by keys.
            return (string) preg_replace('/<table.*?<\/table>/s', '<div class="wide" role="group" aria-label="Table" tabindex="0">$0</div>', $page);
        }
        $options = new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'tempDir' => storage_path('framework/cache')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper($leaf->value);
        $pdf->loadHtml($html);
        $pdf->render();
        $pdf->addInfo('Title', $title);

        return (string) $pdf->output();
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, list<string>> what was found, by what is to be done about it
     */
    public static function toDo(array $findings, Units $units): array
    {
        $todo = [];
        foreach (Remedy::cases() as $remedy) {
            $todo[$remedy->label()] = array_values(array_map(
                static fn (Finding $finding): string => $finding->message($units),
                array_filter($findings, static fn (Finding $finding): bool => $finding->remedy === $remedy),
            ));
        }

        return array_filter($todo);
    }
}
