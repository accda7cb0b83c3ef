<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Http\Controllers\Controller;
use App\Http\Resources\SignChoice;
use App\Http\Resources\SignsResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Diagnosis\Sign;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Message\Catalogue;
use Nebbia\Core\Message\Message;
use OpenApi\Attributes as OA;

/** Signs and the places where one looks for them. */
final class ShowSigns extends Controller
{
    #[OA\Get(path: '/api/signs', operationId: 'showSigns', responses: [new Ok(SignsResource::class)])]
    public function __invoke(Knowledge $knowledge, Catalogue $catalogue): JsonResponse
    {
        $say = static fn (string $key): string => $catalogue->say(Message::of($key));
        $signs = array_map(static function (string $id) use ($knowledge, $catalogue): SignChoice {
            $sign = $knowledge->sign($id);

            return new SignChoice($id, $sign->place, $catalogue->sentence($sign->name()), $catalogue->say($sign->look()), $catalogue->say($sign->unlike()));
        }, $knowledge->ids('signs'));
        $places = array_map(static fn (string $place): array => ['id' => $place, 'name' => $say("place.$place.name")], Sign::PLACES);
        $tactics = array_map(static fn (string $id): array => ['id' => $id, 'name' => $catalogue->sentence(Message::of("tactic.$id.name"))], $knowledge->ids('tactics'));

        return $this->json(new SignsResource($places, $signs, $tactics));
    }
}
