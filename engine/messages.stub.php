<?php

declare(strict_types=1);

/** Hands text to the worker, and waits for what it answers: PHP in the worker has it, no other. */
function post_message_to_js(string $data): string
{
}
