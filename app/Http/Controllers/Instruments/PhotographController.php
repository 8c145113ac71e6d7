<?php

declare(strict_types=1);

namespace App\Http\Controllers\Instruments;

use App\Http\ReceivedFile;
use App\Http\Requests\Instruments\CaptionRequest;
use App\Http\SeenRevision;
use App\Instruments\Photographs;
use App\Models\Instrument;
use App\Models\Photograph;
use App\Workshop\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Photographs of an instrument: added, shown, named, removed with a way back. */
final readonly class PhotographController
{
    public function __construct(private Photographs $photographs) {}

    public function store(CaptionRequest $request, Instrument $instrument): JsonResponse
    {
        $file = ReceivedFile::of($request, 'photograph', 'Choose a photograph: a JPEG, PNG or WebP file.');

        return new JsonResponse(Photographs::summary($this->photographs->add($instrument, $file, $request->caption(), $request->taken())), 201);
    }

    public function show(Request $request, Instrument $instrument, Photograph $photograph): Response
    {
        $content = $this->photographs->content($photograph, ! $request->boolean('small'));

        return $content === null ? throw new NotFoundHttpException : new Response($content, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function update(CaptionRequest $request, Instrument $instrument, Photograph $photograph): JsonResponse
    {
        Revision::advance($photograph, SeenRevision::in($request), 'This photograph');
        $photograph->caption = $request->caption();
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
}
