<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\FeatureTestCase;

pest()->extend(FeatureTestCase::class)->use(RefreshDatabase::class)->in('Feature');
