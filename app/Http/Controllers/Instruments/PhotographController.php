<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Models\Instrument;
use App\Models\Photograph;
use App\Support\Photographs;
use App\Support\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Lira\Document\InvalidDocument;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs of an instrument: added, shown, named, removed with a way back. */
final class PhotographController
{
    private const LONGEST_CAPTION = 200;

    public function store(Request $request, Instrument $instrument): JsonResponse
    {
        $file = $request->file('photograph');
        if (! $file instanceof UploadedFile) {
            throw InvalidDocument::at('/photograph', 'Choose a photograph: a JPEG, PNG or WebP file.');
        }

        return new JsonResponse(Photographs::summary(Photographs::add($instrument, $file, self::caption($request))), 201);
    }

    public function show(Request $request, Instrument $instrument, Photograph $photograph): Response
    {
        $content = Photographs::content($photograph, ! $request->boolean('small'));

        return $content === null ? throw new NotFoundHttpException : new Response($content, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function update(Request $request, Instrument $instrument, Photograph $photograph): JsonResponse
    {
        Revision::advance($photograph, Revision::in($request), 'This photograph');
        $photograph->caption = self::caption($request);
        $photograph->save();

        return new JsonResponse(Photographs::summary($photograph));
    }

    public function destroy(Instrument $instrument, Photograph $photograph): JsonResponse
    {
        $photograph->delete();

        return new JsonResponse(['id' => $photograph->id]);
    }

    public function unarchive(Instrument $instrument, int $photograph): JsonResponse
    {
        $found = Photograph::withTrashed()->where('instrument_id', $instrument->id)->findOrFail($photograph);
        $found->restore();

        return new JsonResponse(Photographs::summary($found));
    }

    private static function caption(Request $request): string
    {
        $request->validate(['caption' => ['nullable', 'string', 'max:'.self::LONGEST_CAPTION]], ['caption.*' => 'Say in up to '.self::LONGEST_CAPTION.' characters what it shows.']);

        return $request->string('caption')->trim()->toString();
    }
}
