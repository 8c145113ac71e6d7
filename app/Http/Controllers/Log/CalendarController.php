<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Reached;
use App\Log\Calendar\CalendarFile;
use App\Models\LogSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is due and the shows, for calendars. */
final readonly class CalendarController
{
    public function __construct(private CalendarFile $file) {}

    public function download(): Response
    {
        return new Response($this->file->text(), 200, [
            'Content-Type' => 'text/calendar; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="lira.ics"',
        ]);
    }

    /** For whoever subscribed; without its key it is not there. */
    public function feed(Request $request, string $key): Response
    {
        if (! hash_equals(LogSettings::here()->feed_key, $key)) {
            throw new NotFoundHttpException('This calendar is not here. Take its address from the Log again.');
        }
        $answer = new Response($this->file->text(), 200, ['Content-Type' => 'text/calendar; charset=UTF-8', 'Cache-Control' => 'private, no-cache']);
        $answer->setEtag(sha1((string) $answer->getContent()));
        $answer->isNotModified($request);

        return $answer;
    }

    /** Whoever has the old address reads nothing more. */
    public function renew(Request $request): JsonResponse
    {
        $settings = LogSettings::here();
        $settings->update(['feed_key' => bin2hex(random_bytes(16))]);

        return new JsonResponse(['feed' => Reached::route($request, 'log.feed', $settings->feed_key)]);
    }
}
