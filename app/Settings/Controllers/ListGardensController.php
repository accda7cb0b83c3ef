<?php

declare(strict_types=1);

namespace App\Settings\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Settings\Resources\GardenResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The gardens on this machine; none means it is the first run. */
final class ListGardensController extends Controller
{
    #[OA\Get(path: '/api/gardens', operationId: 'listGardens', responses: [new Ok(GardenResource::class, list: true)])]
    public function __invoke(): JsonResponse
    {
        $gardens = Garden::query()->where('put_away', false)->orderBy('created_at')->get();

        return $this->json($gardens->map(static fn (Garden $garden): GardenResource => GardenResource::of($garden))->all());
    }
}
