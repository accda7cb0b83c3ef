<?php

declare(strict_types=1);

namespace App\Database;

/** Counts the migrations, in the database itself (PRAGMA user_version), so that an older Nebbia leaves a newer file alone. */
final class SchemaNumber
{
    /** How many migrations there are; a test holds it to that. */
    public const KNOWN = 16;
}
