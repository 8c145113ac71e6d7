<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SaysWhy;
use App\Models\Invitation;
use App\Network\Door;
use App\Network\Invitations;
use App\Network\Named;
use App\Workshop\Unservable;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;
use Lira\Document\InvalidDocument;

/** Lets a device in from the command line: the first one of a workshop that is served behind another server, where no door is the owner's. */
final class InviteCommand extends Command
{
    use SaysWhy;

    protected $signature = 'lira:invite
        {name : What the device is called, such as "Tablet at the window"}
        {--right=all : What it may do: all, bench or look}
        {--address= : Under which it reaches Lira, such as https://lira.shop.example; without it what APP_URL says}';

    protected $description = 'Let a device of the network in';

    public function handle(Invitations $invitations): int
    {
        return $this->sayingWhy('The workshop:', fn (): int => $this->invite($invitations));
    }

    private function invite(Invitations $invitations): int
    {
        $name = $this->argument('name');
        try {
            $who = Named::of(is_string($name) ? $name : '', $this->words('right'));
        } catch (InvalidDocument $refused) {
            throw new Unservable($refused->problems[0]->message);
        }
        $address = rtrim($this->words('address') === '' ? (string) Door::address() : $this->words('address'), '/');
        if (! str_starts_with($address, 'https://')) {
            throw new Unservable('Say under which address the device reaches Lira: --address=https://… A device is let in over HTTPS only.');
        }
        ['invitation' => $invitation, 'secret' => $secret] = $invitations->invite($who);
        $this->line("Open this on the device within ten minutes: {$address}/enter#{$secret->text}");

        return $this->await($invitation, $invitations);
    }

    private function await(Invitation $invitation, Invitations $invitations): int
    {
        while ($invitation->refresh()->stands() && $invitation->asking_hash === null) {
            Sleep::for(1)->second();
        }
        if (! $invitation->stands()) {
            throw new Unservable('No device came in time. Invite it again.');
        }
        if (! $this->confirm("Does the device show “{$invitation->words}”? Then it is let in.") || ! $invitations->allow($invitation)) {
            $invitations->end($invitation);
            throw new Unservable('Nobody was let in.');
        }
        $this->line("{$invitation->name} is let in. It stands under Workshop, Devices.");

        return self::SUCCESS;
    }

    private function words(string $option): string
    {
        $said = $this->option($option);

        return is_string($said) ? trim($said) : '';
    }
}
