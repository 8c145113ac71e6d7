<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Right;
use Lira\Document\InvalidDocument;

/** What a device or a program is called and what it may do, as somebody says it. */
final readonly class Named
{
    private function __construct(public string $name, public Right $right) {}

    /** @throws InvalidDocument if it is no name, or nothing that can be given */
    public static function of(string $name, string $right): self
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > Devices::LONGEST_NAME || preg_match('/\p{C}/u', $name) === 1) {
            throw InvalidDocument::at('/name', 'Give it a name, such as “Tablet at the window”, of '.Devices::LONGEST_NAME.' characters at most.');
        }
        $may = Right::tryFrom($right);
        if ($may === null || ! in_array($may, Right::given(), true)) {
            throw InvalidDocument::at('/right', 'Say what it may do: all, bench or look.');
        }

        return new self($name, $may);
    }
}
