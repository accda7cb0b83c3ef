<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Actions\PlantingsCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\ImportRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\ImportedPlantings;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ImportPlantings extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/plantings/import', operationId: 'importPlantings', requestBody: new Body(ImportRequest::class), responses: [new Ok(ImportedPlantings::class)])]
    public function __invoke(ImportRequest $request, Garden $garden, PlantingsCsv $csv, ChangeRecorder $recorder): JsonResponse
    {
        [$done, $change] = $recorder->record($garden, 'Plantings read from a file', static fn (): array => $csv->read($garden, $request->string('csv')->toString()));

        return $this->json(new ImportedPlantings($done['added'], $done['changed'], ChangeResource::of($change)));
    }
}
