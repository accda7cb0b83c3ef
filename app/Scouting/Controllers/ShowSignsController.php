<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\OpenApi\Ok;
use App\Scouting\Resources\SignChoiceResource;
use App\Scouting\Resources\SignsResource;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Pest\Diagnosis\Sign;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Pest\Tactics;
use OpenApi\Attributes as OA;

/** Signs and the places where one looks for them. */
final class ShowSignsController extends Controller
{
    #[OA\Get(path: '/api/signs', operationId: 'showSigns', responses: [new Ok(SignsResource::class)])]
    public function __invoke(Tactics $tactics, Signs $signs, Catalogue $catalogue): JsonResponse
    {
        $say = static fn (string $key): string => $catalogue->say(Message::of($key));
        $choices = array_map(static function (string $id) use ($signs, $catalogue): SignChoiceResource {
            $sign = $signs->of($id);

            return new SignChoiceResource(
                $id,
                $sign->place,
                $catalogue->sentence($sign->name()),
                $catalogue->say($sign->look()),
                $catalogue->say($sign->unlike()),
            );
        }, $signs->ids());
        $places = array_map(static fn (string $place): array => ['id' => $place, 'name' => $say("place.$place.name")], Sign::PLACES);
        $ways = array_map(
            static fn (string $id): array => ['id' => $id, 'name' => $catalogue->sentence(Message::of("tactic.$id.name"))],
            array_keys($tactics->all),
        );

        return $this->json(new SignsResource($places, $choices, $ways));
    }
}
