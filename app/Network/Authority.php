<?php

declare(strict_types=1);

namespace App\Network;

use App\Workshop\Place;
use App\Workshop\Unservable;

/**
 * The workshop's own authority, by which its certificates can be trusted. It vouches for private addresses and the names of this machine
 * alone, so that whoever trusts it trusts it for nothing else. Its key stays in one folder, which no copy of the workshop holds.
 */
final readonly class Authority
{
    private const YEARS = 10;

    /** Private ranges, and those that machines give themselves. */
    private const RANGES = [
        '10.0.0.0/255.0.0.0', '172.16.0.0/255.240.0.0', '192.168.0.0/255.255.0.0', '100.64.0.0/255.192.0.0',
    ];

    public function __construct(private string $folder) {}

    /** That of a workshop. */
    public static function of(Place $place): self
    {
        return new self(Outside::folder($place));
    }

    public function certificate(): string
    {
        return "{$this->folder}/authority.crt";
    }

    public function key(): string
    {
        return "{$this->folder}/authority.key";
    }

    /** SHA-256 of its certificate, in pairs, as browsers show it; null where there is none yet. */
    public function fingerprint(): ?string
    {
        $pem = is_file($this->certificate()) ? file_get_contents($this->certificate()) : false;
        $print = $pem === false ? false : openssl_x509_fingerprint($pem, 'sha256');

        return $print === false ? null : strtoupper(implode(':', str_split($print, 2)));
    }

    /** Makes it where there is none, or none for these hosts. @throws Unservable if it cannot be made */
    public function vouchFor(Addresses $addresses): void
    {
        $for = implode(' ', [...$addresses->names, ...array_filter($addresses->addresses, static fn (string $address): bool => ! self::isPrivate($address))]);
        $known = "{$this->folder}/authority.for";
        if (is_file($this->certificate()) && is_file($this->key()) && @file_get_contents($known) === $for) {
            return;
        }
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0o700, true);
        }
        chmod($this->folder, 0o700);
        $settings = $this->settings($addresses);
        $how = ['config' => $settings, 'private_key_type' => OPENSSL_KEYTYPE_EC, 'private_key_bits' => 2048, 'curve_name' => 'prime256v1', 'digest_alg' => 'sha256', 'x509_extensions' => 'authority'];
        $key = openssl_pkey_new($how);
        if ($key === false) {
            throw $this->cannot();
        }
        $signs = $key;
        $request = openssl_csr_new(['commonName' => 'Lira, this workshop'], $signs, $how);
        $certificate = $request instanceof \OpenSSLCertificateSigningRequest ? openssl_csr_sign($request, null, $key, 365 * self::YEARS, $how, random_int(1, PHP_INT_MAX)) : false;
        if ($certificate === false || ! openssl_x509_export($certificate, $crt) || ! openssl_pkey_export($key, $pem, null, $how)) {
            throw $this->cannot();
        }
        $before = umask(0o077);
        file_put_contents($this->key(), $pem);
        file_put_contents($this->certificate(), $crt);
        file_put_contents($known, $for);
        umask($before);
    }

    private function cannot(): Unservable
    {
        return new Unservable("No certificate could be made in {$this->folder}. See whether it can be written.");
    }

    private function settings(Addresses $addresses): string
    {
        $permitted = [];
        foreach ([...self::RANGES, ...array_map(static fn (string $address): string => "{$address}/255.255.255.255", $addresses->addresses)] as $index => $range) {
            $permitted[] = "permitted;IP.{$index} = {$range}";
        }
        // Where it has no name it vouches for none.
        foreach ($addresses->names === [] ? ['invalid'] : $addresses->names as $index => $name) {
            $permitted[] = "permitted;DNS.{$index} = {$name}";
        }
        $path = "{$this->folder}/authority.cnf";
        file_put_contents($path, implode("\n", [
            '[req]', 'distinguished_name = who', 'prompt = no', '[who]', 'CN = Lira, this workshop', '[authority]',
            'basicConstraints = critical, CA:TRUE', 'keyUsage = critical, keyCertSign, cRLSign', 'subjectKeyIdentifier = hash',
            'nameConstraints = critical, @permitted', '[permitted]', ...$permitted, '',
        ]));

        return $path;
    }

    private static function isPrivate(string $address): bool
    {
        foreach (self::RANGES as $range) {
            [$network, $mask] = explode('/', $range);
            if ((ip2long($address) & ip2long($mask)) === ip2long($network)) {
                return true;
            }
        }

        return false;
    }
}
