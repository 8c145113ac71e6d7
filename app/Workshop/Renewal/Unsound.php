<?php

declare(strict_types=1);

namespace App\Workshop\Renewal;

/** A database that was brought up to date is not what it should be; the message says in what. */
final class Unsound extends \RuntimeException {}
