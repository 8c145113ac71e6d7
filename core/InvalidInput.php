<?php

declare(strict_types=1);

namespace Lira;

/**
 * Something the user gave cannot be used. The message is a sentence that says what was wrong and what to do;
 * whoever knows where the input stood (a reader of documents, a form) adds the place.
 */
class InvalidInput extends \DomainException {}
