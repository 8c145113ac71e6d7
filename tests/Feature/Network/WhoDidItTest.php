<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Right;
use App\Network\Devices;
use App\Network\Door;
use Tests\Feature\Jobs\JobsTestCase;

/** What is done on a device is kept with who did it: somebody who is named there, or else the device. */
final class WhoDidItTest extends JobsTestCase
{
    protected function tearDown(): void
    {
        putenv(Door::ENVIRONMENT.'='.Door::Machine->value);
        putenv(Door::NAMES);
        parent::tearDown();
    }

    public function test_somebody_who_is_named_did_it_or_else_the_device(): void
    {
        $job = $this->begun(self::keptSet());
        $this->record($job, $this->event('did', ['key' => 'prepare']));
        self::assertSame([], $this->getJson("/jobs/{$job->id}/news")->json('state.job.by'));

        $device = \App\Models\Device::query()->create(['name' => 'Tablet at the window', 'kind' => 'device', 'right' => Right::Bench, 'secret_hash' => hash('sha256', 'shown')]);
        putenv(Door::ENVIRONMENT.'='.Door::Network->value);
        putenv(Door::NAMES.'=lira.shop');
        $this->withUnencryptedCookie(Devices::COOKIE, 'shown')->withCredentials();
        $say = fn (array $event) => $this->postJson("https://lira.shop/jobs/{$job->id}/events", ['now' => now()->toIso8601String(), 'since' => 0, 'events' => [$event]])->assertSuccessful();
        $say($this->event('noted', ['text' => 'Slot 3 is worn.']));
        $answer = $say(['by' => 'Ines'] + $this->event('noted', ['text' => 'Filed.']));
        self::assertSame([null, $device->name, 'Ines'], $answer->json('events.*.by'));
        self::assertSame([$device->name, 'Ines'], $this->getJson("https://lira.shop/jobs/{$job->id}/news")->json('state.job.by'));
    }
}
