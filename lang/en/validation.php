<?php

declare(strict_types=1);

/** What a request of another shape is told where its own words say nothing of it. */
return [
    'array' => 'Give this as a list or an object.',
    'between' => ['numeric' => 'Give this from :min to :max.', 'string' => 'Give this in :min to :max characters.', 'array' => 'Give :min to :max of these.', 'file' => 'The file is too small or too large.'],
    'boolean' => 'Say true or false.',
    'date_format' => 'Give this as :format.',
    'distinct' => 'This stands there twice.',
    'enum' => 'This is none of the words that can stand here.',
    'exists' => 'There is no such thing here. It may have been removed.',
    'gt' => ['numeric' => 'Give more than :value.'],
    'in' => 'This is none of the words that can stand here.',
    'integer' => 'Give this as a whole number.',
    'list' => 'Give this as a list.',
    'max' => ['numeric' => 'Give :max at most.', 'string' => 'Give this in :max characters at most.', 'array' => 'Give :max of these at most.', 'file' => 'The file is too large.'],
    'min' => ['numeric' => 'Give :min at least.', 'string' => 'Give this in :min characters at least.', 'array' => 'Give :min of these at least.', 'file' => 'The file is too small.'],
    'numeric' => 'Give this as a number.',
    'present' => 'This is missing.',
    'prohibited' => 'This cannot be said here.',
    'regex' => 'This cannot be used as it is.',
    'required' => 'This is missing.',
    'required_without' => 'This is missing.',
    'string' => 'Give this as text.',
    'unique' => 'There is one already.',
];
