<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\InvalidInput;

/** A row of a list that cannot be used. The message says why and what to do. */
final class RejectedRow extends InvalidInput {}
