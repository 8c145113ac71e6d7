<?php

declare(strict_types=1);

namespace App\Network;

/** The certificate that a device of the network is shown just now. */
final class Shown
{
    private const SECONDS = 2.0;

    /** SHA-256 of it, in pairs, as browsers show it; null where nothing answers there. */
    public static function at(?string $address): ?string
    {
        $parts = $address === null ? [] : (array) parse_url($address);
        $host = $parts['host'] ?? null;
        if (! is_string($host)) {
            return null;
        }
        $port = (int) ($parts['port'] ?? 443);
        $context = stream_context_create(['ssl' => ['capture_peer_cert' => true, 'verify_peer' => false, 'verify_peer_name' => false, 'peer_name' => $host]]);
        // It answers on this machine whatever the network does.
        $socket = @stream_socket_client("ssl://127.0.0.1:{$port}", $code, $why, self::SECONDS, STREAM_CLIENT_CONNECT, $context);
        if ($socket === false) {
            return null;
        }
        /** @var array{ssl?: array{peer_certificate?: mixed}} $options */
        $options = stream_context_get_options($context);
        $certificate = $options['ssl']['peer_certificate'] ?? null;
        fclose($socket);
        $print = $certificate instanceof \OpenSSLCertificate ? openssl_x509_fingerprint($certificate, 'sha256') : false;

        return $print === false ? null : strtoupper(implode(':', str_split($print, 2)));
    }
}
