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

/** Printed sheets: a view on paper, and what all of them say alike. */
final class SheetPdf
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $content
     * @param  'a4'|'letter'  $paper
     */
    public static function of(string $view, string $title, array $content, string $paper): string
    {
        $options = new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'tempDir' => storage_path('framework/cache')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper);
        $pdf->loadHtml(View::make($view, $content + ['here' => WorkshopSettings::here()->heading()])->render());
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
