<?php

declare(strict_types=1);

it('answers in the pseudo-language where the screens try it out, and only there', function (): void {
    $garden = demo();
    $this->postJson(at($garden, 'courses'), [], ['Nebbia-Language' => 'pseudo'])->assertUnprocessable()
        ->assertJsonPath('errors.recipe_id.0', 'Ñó ŕéçíþé íš çĥóšéñ: ţáķé óñé ţó ţĥé ƀéñçĥ ƒíŕšţ.~~~~~~ ~~~~~~ ~');
    $this->refreshApplication();
    $this->getJson('/api/signs')->assertOk()->assertDontSee('~~~');
});
