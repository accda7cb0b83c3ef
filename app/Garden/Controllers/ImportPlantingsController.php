<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\PlantingsCsv;
use App\Garden\Requests\ImportRequest;
use App\Garden\Resources\ImportedPlantingsResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ImportPlantingsController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings/import',
        operationId: 'importPlantings',
        requestBody: new Body(ImportRequest::class),
        responses: [new Ok(ImportedPlantingsResource::class)],
    )]
    public function __invoke(ImportRequest $request, Garden $garden, PlantingsCsv $csv, ChangeRecorder $recorder): JsonResponse
    {
        [$done, $change] = $recorder->record(
            $garden,
            Say::it('change.plantings-read-from'),
            static fn (): array => $csv->read($garden, $request->string('csv')->toString()),
        );

        return $this->json(new ImportedPlantingsResource($done['added'], $done['changed'], ChangeResource::of($change)));
    }
}
