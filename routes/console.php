<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// Where the scheduler runs. Where none does, the first write of a day sees to it: App\Keep\Backup\DailyBackup.
Schedule::command('nebbia:backup --daily')->dailyAt('02:30');
