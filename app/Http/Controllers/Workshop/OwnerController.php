<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\Pages\Workshop\OwnersPage;
use App\Http\Said;
use App\Owners\Owners;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Document\InvalidDocument;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Owners: all of theirs, another name, two that are one. */
final readonly class OwnerController
{
    public function __construct(private Owners $owners) {}

    public function index(Request $request): Response
    {
        $all = $this->owners->all();
        $chosen = Said::words($request, 'owner');
        $known = in_array($chosen, array_column($all, 'name'), true);

        return (new OwnersPage(owners: $all, chosen: $known ? ['name' => $chosen] + $this->owners->of($chosen) : null))->response();
    }

    public function rename(Request $request): JsonResponse
    {
        $from = Said::words($request, 'from');
        $to = trim((string) preg_replace('/\s+/u', ' ', Said::words($request, 'to')));
        if (! in_array($from, array_column($this->owners->all(), 'name'), true)) {
            throw new NotFoundHttpException;
        }
        if ($to === '' || mb_strlen($to) > Owners::LONGEST_NAME) {
            throw InvalidDocument::at('/to', 'Give the name, '.Owners::LONGEST_NAME.' characters at most.');
        }
        if ($to === $from) {
            throw InvalidDocument::at('/to', 'That is the name already.');
        }

        return new JsonResponse($this->owners->rename($from, $to));
    }
}
