<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A picture that belongs to a note of any kind.
 *
 * @property string $garden_id
 * @property string $of application, glance, count, look or tactic
 * @property string $of_id
 * @property string $path on the disk of photos
 */
final class Photo extends HouseholdModel {}
