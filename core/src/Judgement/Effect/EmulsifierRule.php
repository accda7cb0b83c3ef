<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/**
 * Whether what is left of the soap holds the oil. That there is none at all is said by the dangers; where only water that nobody has
 * measured would take too much of it, it is but a notice.
 */
final readonly class EmulsifierRule implements Rule
{
    public function __construct(private Emulsion $emulsion) {}

    public function grounds(): array
    {
        return [
            RuleGround::plain('emulsifier', GroundTopic::Bottle, ...$this->basis(), params: [
                'least' => $this->emulsion->figures->float('least'),
                'comfortable' => $this->emulsion->comfortable(),
            ]),
        ];
    }

    public function sentences(): array
    {
        return ['emulsifier.too-little', 'emulsifier.water', 'emulsifier.perhaps'];
    }

    public function judge(Situation $situation): iterable
    {
        $mix = $situation->mix;
        $oil = $this->emulsion->oil($mix);
        $holder = $this->emulsion->holder($mix);
        $needed = $this->emulsion->needed($mix);
        if (! $mix->recipe->use->wetsLeaves() || $oil <= 0.0 || $holder <= 0.0 || $this->emulsion->isHeld($situation)) {
            return;
        }
        $left = $this->emulsion->left($situation);
        $isByWater = $holder >= $needed;
        $isKnown = $situation->circumstances->water->isKnown ?? false;
        yield Finding::of(
            'emulsifier',
            $isByWater && ! $isKnown ? Severity::Notice : Severity::Caution,
            match (true) {
                ! $isByWater => 'emulsifier.too-little',
                $isKnown => 'emulsifier.water',
                default => 'emulsifier.perhaps',
            },
            ['oil' => $oil, 'left' => max(0.0, $left), 'put' => $holder, 'needed' => $needed],
            ...$this->basis(),
        )->from('emulsifier');
    }

    /** @return array{basis: string, sure: string} */
    private function basis(): array
    {
        return ['basis' => $this->emulsion->figures->string('basis'), 'sure' => $this->emulsion->figures->string('sure')];
    }
}
