<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\Pages\Workshop\EnterPage;
use App\Http\Said;
use App\Network\Authority;
use App\Network\Devices;
use App\Network\Door;
use App\Network\Invitations;
use App\Network\MayNot;
use App\Workshop\Place;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The way in for a device that read a square: the only pages that are there for nobody. */
final readonly class EnterController
{
    public function __construct(private Invitations $invitations, private Place $place) {}

    public function show(Request $request): Response
    {
        // Where one is known already nothing has to be asked.
        return (new EnterPage(
            known: Door::here() === Door::Machine || $request->user('device') !== null,
            authority: Authority::of($this->place)->fingerprint(),
        ))->response();
    }

    /** With what the square holds: sent, never part of an address that is logged or fetched ahead. */
    public function ask(Request $request): JsonResponse
    {
        $asking = $this->invitations->ask(Said::words($request, 'secret')) ?? throw MayNot::opensNothing();

        return (new JsonResponse(['words' => $asking->invitation->words, 'name' => $asking->invitation->name]))
            ->withCookie(self::cookie(Invitations::COOKIE, $asking->shows->text, Invitations::MINUTES));
    }

    /** Whether the owner has let it in. */
    public function standing(Request $request): JsonResponse
    {
        $shown = $request->cookies->get(Invitations::COOKIE);
        $invitation = $this->invitations->askedBy(is_string($shown) ? $shown : '') ?? throw MayNot::opensNothing();
        $secret = $this->invitations->enter($invitation);

        return $secret === null ? new JsonResponse(['in' => false, 'words' => $invitation->words]) : (new JsonResponse(['in' => true]))
            ->withCookie(self::cookie(Devices::COOKIE, $secret->text, Devices::COOKIE_MINUTES))
            ->withCookie(self::cookie(Invitations::COOKIE, '', -1));
    }

    /** The workshop's own authority, to be trusted by a device. */
    public function authority(): BinaryFileResponse
    {
        $certificate = Authority::of($this->place)->certificate();
        if (! is_file($certificate)) {
            throw new NotFoundHttpException;
        }

        return new BinaryFileResponse($certificate, 200, [
            'Content-Type' => 'application/x-x509-ca-cert', 'Content-Disposition' => 'attachment; filename="lira-workshop.crt"',
        ]);
    }

    private static function cookie(string $name, #[\SensitiveParameter] string $value, int $minutes): Cookie
    {
        // By the system’s own clock, from which browsers are told for how long.
        return Cookie::create($name, $value, time() + 60 * $minutes, '/', null, true, true, true, Cookie::SAMESITE_LAX);
    }
}
