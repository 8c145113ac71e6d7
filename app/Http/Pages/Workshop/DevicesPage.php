<?php

declare(strict_types=1);

namespace App\Http\Pages\Workshop;

use App\Http\Pages\Page;
use App\Network\Views\DeviceView;
use App\Network\Views\ShareView;

/** Who may come in over the shop’s network. */
final readonly class DevicesPage extends Page
{
    /**
     * @param  list<DeviceView>  $devices
     * @param  list<ShareView>  $shares
     * @param  array{shown: ?string, authority: ?string}  $prints  SHA-256 of the certificate that devices are shown, null where nothing answers them, and of who vouches for it
     * @param  array{switch: bool, address: ?string, fault: ?string}  $network  whether it can be turned on and off from here; where devices reach it, and why it could not be done as it was wanted
     * @param  ?int  $here  the device that looks; null at the machine itself
     */
    public function __construct(
        public array $devices,
        public array $shares,
        public array $prints,
        public array $network,
        public ?int $here,
    ) {}
}
