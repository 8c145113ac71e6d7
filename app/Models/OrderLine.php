<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One thing of an order: a string, a box of them or a packaged set.
 *
 * @property int $id
 * @property int $order_id
 * @property LineKind $kind
 * @property ?int $list_string_id
 * @property ?int $list_set_id
 * @property string $code
 * @property string $name
 * @property int $strings  how many strings one of it has
 * @property int $count
 * @property int $cents  price of one of it
 * @property int $sent  that arrived and wait to be put into the drawer
 * @property int $received  that were put into the drawer
 * @property list<Content> $contents  the strings of one of it
 *
 * @phpstan-type Content array{
 *     list_string_id: int,
 *     name: string,
 *     construction: string,
 *     material: string,
 *     gauge_nm: int,
 *     end: ?string,
 *     count: int,
 * }
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    /** @var array<string> */
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => LineKind::class,
            'order_id' => 'integer',
            'list_string_id' => 'integer',
            'list_set_id' => 'integer',
            'strings' => 'integer',
            'count' => 'integer',
            'cents' => 'integer',
            'sent' => 'integer',
            'received' => 'integer',
            'contents' => 'array',
        ];
    }
}
