<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Resources\GroundResource;
use App\Http\Controllers\Controller;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\RuleGrounds;
use Nebbia\Core\Substance\Ingredients;
use OpenApi\Attributes as OA;

/** All rules with what they rest on. */
final class ListGroundsController extends Controller
{
    #[OA\Get(path: '/api/grounds', operationId: 'listGrounds', responses: [new Ok(GroundResource::class, list: true)])]
    public function __invoke(RuleGrounds $grounds, Catalogue $catalogue, Ingredients $ingredients): JsonResponse
    {
        $names = [];
        foreach ($ingredients->ids() as $id) {
            $ingredient = $ingredients->named($id);
            $names[$ingredient->substance->id ?? ''][] = mb_strtolower($ingredient->name);
        }

        return $this->json(
            array_map(
                static fn (RuleGround $ground): GroundResource => new GroundResource(
                    $ground->id,
                    $ground->topic->value,
                    $catalogue->sentence(Message::of("ground.topic.{$ground->topic->value}")),
                    $catalogue->sentence($ground->title),
                    $catalogue->sentence($ground->text),
                    $ground->basis,
                    $ground->sure,
                    implode(
                        ', ',
                        array_merge(...array_map(static fn (string $substance): array => $names[$substance] ?? [], $ground->substances)),
                    ),
                ),
                $grounds->all(),
            ),
        );
    }
}
