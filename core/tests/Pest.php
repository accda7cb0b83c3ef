<?php

declare(strict_types=1);

// The core suite runs on plain PHPUnit test cases: no framework is booted.
