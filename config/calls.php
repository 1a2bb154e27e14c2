<?php

declare(strict_types=1);

return [
    // Whether the likeliest answers to the next test are thought through while it is done: some seconds of one processor for each answer.
    'think_ahead' => (bool) env('THINK_AHEAD', true),
];
