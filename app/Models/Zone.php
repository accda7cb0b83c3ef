<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A part of a garden.
 *
 * @property string $garden_id
 * @property string $name
 * @property int $position
 * @property string|null $note
 */
final class Zone extends HouseholdModel {}
