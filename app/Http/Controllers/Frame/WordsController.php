<?php

declare(strict_types=1);

namespace App\Http\Controllers\Frame;

use App\Http\Pages\Frame\WordsPage;
use Illuminate\Http\JsonResponse;
use Inertia\Response;
use Lira\Wording\Glossary;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The field's words explained, all on a page, and one where it stands. */
final class WordsController
{
    public function index(): Response
    {
        return (new WordsPage(groups: Glossary::GROUPS))->response();
    }

    /** @throws NotFoundHttpException if it is none of them */
    public function show(string $word): JsonResponse
    {
        return new JsonResponse(['word' => $word, 'meaning' => Glossary::words()[$word] ?? throw new NotFoundHttpException]);
    }
}
