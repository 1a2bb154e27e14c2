<?php

declare(strict_types=1);

// Tokens are for bridges of meters alone: people sign in with a session, and a session sends no readings.
return ['routes' => false, 'stateful' => [], 'guard' => []];
