<?php

declare(strict_types=1);

namespace App\Pantry\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Mixing\Pantry\PantryException;
use Nebbia\Core\Mixing\Pantry\Product;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewProduct')]
final class ProductRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was seen; only where one is changed.',
        'ingredient' => 'By any name it goes by.',
        'own' => 'What it is poured or spooned as, where it is a thing of one\'s own that no list knows.',
        'strength' => 'As the label says it.',
        'density' => 'g/mL where it was measured.',
        'size' => 'As typed: "500 mL", "1 kg", "20 tablets".',
        'left' => 'As typed; what a full one holds if left out.',
    ];

    use ReadsAmounts;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'name' => ['nullable', 'string', 'max:120'],
            'ingredient' => ['required', 'string', 'max:80'],
            'own' => ['nullable', 'in:liquid,solid'],
            'strength' => ['nullable', 'string', 'max:60'],
            'density' => ['nullable', 'string', 'max:20'],
            'size' => ['nullable', 'string', 'max:80'],
            'left' => ['nullable', 'string', 'max:80'],
            'price' => ['nullable', 'string', 'max:20'],
            'opened_on' => ['nullable', 'date_format:Y-m-d'],
            'best_before' => ['nullable', 'date_format:Y-m-d'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadInput naming the field
     */
    public function row(Garden $garden): array
    {
        $field = 'ingredient';
        try {
            $ingredient = $this->stuff($this->string('ingredient')->toString());
            $field = 'strength';
            $stated = $this->text('strength');
            $strength = $stated === null ? Strength::usual($ingredient) : StrengthParser::parse($stated, $ingredient);
        } catch (BadInput $e) {
            throw $e->at($field);
        }
        $density = $this->number('density', Say::it('refused.density-number-grams'));
        $isPoured = $ingredient->isLiquid || $strength->isSolution;
        $size = $this->content('size', $garden, $ingredient, $isPoured, $density, $strength);
        $left = $this->isNothing('left') ? 0.0 : $this->content('left', $garden, $ingredient, $isPoured, $density, $strength) ?? $size;
        $price = $this->number('price', Say::it('refused.price-number-like'));
        $product = Product::of(
            '',
            $this->text('name') ?? $ingredient->name,
            $ingredient,
            $strength,
            $stated,
            $size,
            $left,
            $price,
            $density,
        );

        return [
            'name' => $product->name,
            'ingredient' => $ingredient->id,
            'strength' => $stated,
            'density' => $density,
            'size' => $size,
            'left' => $left,
            'price' => $price,
            'opened_on' => $this->text('opened_on'),
            'best_before' => $this->text('best_before'),
            'note' => $this->text('note'),
        ];
    }

    /** @throws BadInput if it is not known, and nobody says that it is a thing of one's own */
    private function stuff(string $name): Ingredient
    {
        $own = $this->text('own');
        if ($own !== null && app(Ingredients::class)->names()->find($name) === null) {
            return app(OwnIngredients::class)->of($name, $own === 'liquid', false, null);
        }

        return app(Ingredients::class)->named($name);
    }

    private function isNothing(string $field): bool
    {
        return preg_match('/^0([.,]0*)?\s*\p{L}*$/u', $this->text($field) ?? '') === 1;
    }

    /** mL of what is poured, g of what is not; of tablets the grams that act. */
    private function content(
        string $field,
        Garden $garden,
        Ingredient $ingredient,
        bool $isPoured,
        ?float $density,
        Strength $strength,
    ): ?float {
        $amount = $this->amount($field, $garden);
        if (! ($amount instanceof Amount)) {
            return null;
        }
        if ($amount->unit->id === 'tablet' && $ingredient->isTablet) {
            return $amount->likely->toFloat() * ($strength->tablet ?? ($amount->unit->likely?->toFloat() ?? 0.0));
        }
        $isVolume = $amount->unit->kind === UnitKind::Volume;
        if (! $isVolume && $amount->unit->kind !== UnitKind::Mass) {
            throw PantryException::wrongMeasure($field, $ingredient->name, $isPoured);
        }
        if ($isVolume === $isPoured) {
            return $amount->inBase()->likely;
        }
        $density ??=
            $ingredient->density?->at($strength->percent->likely)->likely ??
            throw PantryException::wrongMeasure($field, $ingredient->name, $isPoured);

        return $isVolume ? $amount->inBase()->likely * $density : $amount->inBase()->likely / $density;
    }
}
