<?php

declare(strict_types=1);

namespace App\Keep\Lists;

use App\Bench\Writes\KeepableRecipe;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Recipe;
use Illuminate\Validation\ValidationException;
use JsonException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;

/** Recipes as files for other gardens, nebbia.recipe/1: one, or a list of several; and back. */
final readonly class RecipeFile
{
    private const MOST = 500;

    public function __construct(private KeepableRecipe $keepable, private Catalogue $catalogue) {}

    /**
     * A recipe by itself: where a line takes from a jar on this shelf, another garden takes what such a jar usually holds.
     *
     * @return array<array-key, mixed>
     */
    public function body(Recipe $recipe): array
    {
        $own = array_column(is_array($recipe->body['preparations'] ?? null) ? $recipe->body['preparations'] : [], 'id');
        $apart = static fn (mixed $line): mixed => is_array($line) && ! in_array($line['preparation'] ?? null, $own, true)
            ? array_diff_key($line, ['preparation' => 1])
            : $line;
        $body = ['format' => 'nebbia.recipe/1', 'name' => $recipe->name] + $recipe->body;
        $body['base'] = $apart($body['base'] ?? []);
        $body['ingredients'] = array_map($apart, is_array($body['ingredients'] ?? null) ? $body['ingredients'] : []);

        return $body + ($recipe->note === null ? [] : ['note' => $recipe->note]);
    }

    /**
     * All of them, or none.
     *
     * @return array{list<Recipe>, int} those that were added, and how many were there already
     *
     * @throws ValidationException naming text
     */
    public function read(Garden $garden, string $text): array
    {
        $there = $garden->recipes()->get();
        $added = [];
        $same = 0;
        foreach ($this->bodies($text) as $n => $body) {
            $note = is_array($body) && is_string($body['note'] ?? null) ? mb_substr($body['note'], 0, 5000) : null;
            $name = is_array($body) && is_string($body['name'] ?? null) ? $body['name'] : '';
            try {
                $recipe = $this->keepable->of($garden, is_array($body) ? array_diff_key($body, ['note' => 1]) : []);
            } catch (BadInput $e) {
                throw $this->refused('recipe-file.bad', ['n' => $n + 1, 'name' => $name, 'why' => $this->catalogue->say($e->said)]);
            }
            if (trim($recipe['name']) === '' || mb_strlen($recipe['name']) > 120) {
                throw $this->refused('recipe-file.name', ['n' => $n + 1]);
            }
            $whole = $recipe['body'] + ($note === null ? [] : ['note' => $note]);
            $isThere = $there->contains(fn (Recipe $one): bool => $one->name === $recipe['name'] && $this->body($one) == $whole);
            $isThere ? $same++ : $added[] = $garden->recipes()->create($recipe + ['note' => $note]);
        }

        return [$added, $same];
    }

    /** @return list<mixed> */
    private function bodies(string $text): array
    {
        try {
            $read = json_decode(trim($text, "\u{FEFF} \n\r\t"), true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw $this->refused('recipe-file.no-json', []);
        }
        $all = is_array($read) && array_is_list($read) ? $read : [$read];

        return match (true) {
            $all === [] => throw $this->refused('recipe-file.none', []),
            count($all) > self::MOST => throw $this->refused('recipe-file.too-many', ['most' => self::MOST]),
            default => $all,
        };
    }

    /** @param  array<string, string|int>  $params */
    private function refused(string $key, array $params): ValidationException
    {
        return ValidationException::withMessages(['text' => Say::it($key, $params)]);
    }
}
