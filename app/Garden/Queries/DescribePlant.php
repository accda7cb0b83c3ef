<?php

declare(strict_types=1);

namespace App\Garden\Queries;

use App\Models\Planting;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Plant\LeafSurface;
use Nebbia\Core\Plant\Modifiers;
use Nebbia\Core\Plant\Stage;

/** What is known of a planting's kind that matters to spraying, in short sentences. */
final readonly class DescribePlant
{
    public function __construct(private Modifiers $modifiers, private Catalogue $catalogue) {}

    /** @return list<string> */
    public function bears(Planting $planting): array
    {
        $plant = $planting->met();
        $say = fn (string $key, string $what): string => $this->catalogue->sentence(Message::of("plant.$key", ['what' => $what]));
        $lists = array_diff($plant->sensitiveTo, ['lime-hating']);
        $said = [];
        if ($lists !== []) {
            $said[] = $say('sensitive', implode(', ', $lists));
        }
        foreach ($plant->notedFor as $list => $which) {
            if ($list !== 'lime-hating') {
                $said[] = $say('noted', "$list ($which)");
            }
        }
        if ($plant->hatesLime()) {
            $said[] = $say('lime', '');
        }
        if ($plant->surface !== LeafSurface::Ordinary) {
            $said[] = $say('surface-'.$plant->surface->value, '');
        }
        if ($plant->nightBreathing) {
            $said[] = $say('night', '');
        }
        foreach ($this->modifiers->all as $modifier) {
            $stage = Stage::tryFrom($planting->stage);
            if (
                ($stage !== null && $modifier->holdsAt($stage)) ||
                ($modifier->id === 'flowering' && $planting->in_flower && $stage !== Stage::Flowering)
            ) {
                $said[] = $this->catalogue->sentence(Message::of("modifier.$modifier->id"));
            }
        }

        return $said;
    }
}
