<?php

declare(strict_types=1);

namespace App\Workshop;

/** Why a workshop cannot be served, in a sentence that says what to do. */
final class Unservable extends \RuntimeException {}
