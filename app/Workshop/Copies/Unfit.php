<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

/** A file from which no workshop can be brought back; the message says why and what to do. */
final class Unfit extends \RuntimeException {}
