<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Device;
use App\Models\Right;
use App\Network\Devices;
use App\Network\Door;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\Feature\FeatureTestCase;

/** Tests of the two doors: the machine's, and the network's. */
abstract class NetworkTestCase extends FeatureTestCase
{
    protected const ADDRESS = 'https://lira.shop:8443';

    protected function tearDown(): void
    {
        self::atTheMachine();
        // What is said of the network ends with the test: other pages read it too.
        putenv(Door::ADDRESS);
        parent::tearDown();
    }

    /** From here on requests are answered by the process that listens to the network. */
    protected function atTheNetwork(): void
    {
        putenv(Door::ENVIRONMENT.'='.Door::Network->value);
        putenv(Door::NAMES.'=lira.shop 192.168.7.20');
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        $this->forgetWho();
    }

    protected function atTheMachine(): void
    {
        putenv(Door::ENVIRONMENT.'='.Door::Machine->value);
        putenv(Door::NAMES);
        $this->forgetWho();
    }

    /** Each request of another device is another process. */
    protected function forgetWho(): void
    {
        $this->app?->make('auth')->forgetGuards();
        $this->unencryptedCookies = [];
        $this->defaultCookies = [];
        $this->defaultHeaders = [];
    }

    /** From here on as a device that was let in. */
    protected function as(Right $right, string $name = 'Tablet'): Device
    {
        ['device' => $device, 'secret' => $secret] = $this->letIn($name, $right);
        $this->showing($secret);

        return $device;
    }

    /** @return array{device: Device, secret: string} */
    protected function letIn(string $name, Right $right): array
    {
        $secret = bin2hex(random_bytes(16));
        $device = Device::query()->create(['name' => $name, 'right' => $right, 'kind' => Device::DEVICE, 'secret_hash' => hash('sha256', $secret)]);

        return ['device' => $device, 'secret' => $secret];
    }

    protected function showing(string $secret): void
    {
        $this->forgetWho();
        $this->withUnencryptedCookie(Devices::COOKIE, $secret);
        $this->withCredentials();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function ask(string $method, string $path, array $body = []): TestResponse
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->json($method, self::ADDRESS.$path, $body);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function here(string $method, string $path, array $body = []): TestResponse
    {
        $this->atTheMachine();

        return $this->json($method, "http://127.0.0.1{$path}", $body);
    }

    /**
     * What a browser is told to keep under a name.
     *
     * @param  TestResponse<covariant \Symfony\Component\HttpFoundation\Response>  $response
     */
    protected static function cookie(TestResponse $response, string $name): Cookie
    {
        foreach ($response->headers->getCookies() as $cookie) {
            if ($cookie->getName() === $name) {
                return $cookie;
            }
        }
        self::fail("There is no cookie {$name}.");
    }
}
