<?php

declare(strict_types=1);

namespace App\Strings\Orders;

use App\Models\Purchase;
use App\Models\TypeColumns;
use App\Models\WantedString;
use App\Strings\Drawer\Drawer;
use App\Strings\Orders\Views\WantedView;
use Illuminate\Database\Eloquent\Collection;

/** What is missing somewhere and is to be ordered with the next parcel. */
final readonly class OrderList
{
    public function __construct(private Drawer $drawer) {}

    /** @return list<WantedView> what is not ordered yet, the oldest first */
    public function all(): array
    {
        return array_values($this->open()->map(fn (WantedString $wanted): WantedView => new WantedView(
            $wanted->id,
            ...TypeColumns::view($wanted->type()),
            count: $wanted->count,
            note: $wanted->note,
            job: $wanted->job_id,
            free: $this->drawer->freeOf($wanted->type()),
        ))->all());
    }

    /** What has to be bought: not what lies in the drawer by now. */
    public function need(): Need
    {
        return Need::ofTypes($this->toBuy()->map(static fn (WantedString $wanted): array => [
            'type' => $wanted->type(), 'count' => $wanted->count, 'name' => $wanted->note,
        ])->all());
    }

    /** They are ordered now. */
    public function ordered(Purchase $purchase): void
    {
        WantedString::query()->whereKey($this->toBuy()->modelKeys())->update(['purchase_id' => $purchase->id]);
    }

    /** @return Collection<int, WantedString> */
    private function toBuy(): Collection
    {
        return $this->open()->filter(fn (WantedString $wanted): bool => $this->drawer->freeOf($wanted->type()) < $wanted->count);
    }

    /** @return Collection<int, WantedString> */
    private function open(): Collection
    {
        return WantedString::query()->whereNull('purchase_id')->orderBy('id')->get();
    }
}
