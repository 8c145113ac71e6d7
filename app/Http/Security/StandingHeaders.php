<?php

declare(strict_types=1);

namespace App\Http\Security;

/** What every answer says to the browser, a page or a file. Needs nothing, so that files can be answered without the application. */
final class StandingHeaders
{
    public const ALWAYS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(self), geolocation=(), microphone=(self), payment=(), usb=()',
    ];

    /** For what is no page: nothing in it may run or be framed. */
    public const NO_PAGE = "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /** For a PDF: the browser's own viewer has to show it. */
    public const PDF = "base-uri 'none'; form-action 'none'; frame-ancestors 'none'; script-src 'none'";

    /** For a sheet that is shown as a page: it holds all of itself, and nothing in it runs or leads anywhere. */
    public const SHEET = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; base-uri 'none'; form-action 'none'; frame-ancestors 'none'; sandbox";

    /** For a page: what ships with the application, and styles that its parts make with this nonce. */
    public static function page(string $nonce): string
    {
        return implode('; ', [
            "default-src 'none'",
            "script-src 'self'",
            "style-src 'self' 'nonce-{$nonce}'",
            "img-src 'self' data: blob:",
            "font-src 'self'",
            "connect-src 'self'",
            "media-src 'self' blob:",
            "manifest-src 'self'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'",
        ]);
    }
}
