<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

/** The whole application on MariaDB; each test in a transaction that is rolled back. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;
}
