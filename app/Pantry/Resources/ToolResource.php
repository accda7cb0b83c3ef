<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Models\MeasuringTool;
use App\Settings\AtHome;
use Nebbia\Core\Measure\Tool\ToolKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Tool')]
final readonly class ToolResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['spoon', 'graduated', 'dropper', 'scale'])] public string $kind,
        #[OA\Property(description: 'As it would be typed again.')] public ?string $size,
        #[OA\Property] public ?string $step,
    ) {}

    public static function of(MeasuringTool $tool): self
    {
        $unit = $tool->kind === ToolKind::Scale ? ' g' : ' mL';
        $words = static fn (float $size): ?string => $size > 0.0 ? rtrim(rtrim(number_format($size, 4, '.', ''), '0'), '.').$unit : null;

        $spoon = $tool->kind === ToolKind::Spoon ? app(AtHome::class)->units->spoon($tool->size) : null;

        return new self($tool->id, $tool->version, $tool->name, $tool->kind->value, $spoon ?? $words($tool->size), $words($tool->step));
    }
}
