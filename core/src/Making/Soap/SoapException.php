<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A soap that cannot be worked out. */
final class SoapException extends BadInput
{
    public static function noOil(): self
    {
        return (new self(Message::of('soap.no-oil')))->at('oil');
    }

    /** @param  string|null  $near  what it may have been meant to be */
    public static function unknownOil(string $name, ?string $near): self
    {
        return (new self(
            Message::of($near === null ? 'soap.unknown-oil' : 'soap.misspelt-oil', ['name' => $name, 'near' => $near ?? '']),
        ))->at('oil');
    }

    public static function takesNoAlkali(string $name): self
    {
        return (new self(Message::of('soap.takes-no-alkali', ['name' => $name])))->at('oil');
    }

    public static function weighIt(string $name): self
    {
        return (new self(Message::of('soap.weigh-it', ['name' => $name])))->at('oil');
    }

    public static function oilForm(string $text): self
    {
        return (new self(Message::of('soap.oil-form', ['text' => $text])))->at('oil');
    }

    public static function alkali(): self
    {
        return (new self(Message::of('soap.alkali')))->at('alkali');
    }

    public static function purity(): self
    {
        return (new self(Message::of('soap.purity')))->at('purity');
    }

    public static function superfat(): self
    {
        return (new self(Message::of('soap.superfat')))->at('superfat');
    }

    public static function alkaliMass(): self
    {
        return (new self(Message::of('soap.alkali-mass')))->at('alkali-mass');
    }

    public static function vessel(): self
    {
        return (new self(Message::of('soap.vessel')))->at('vessel');
    }

    public static function storage(): self
    {
        return (new self(Message::of('soap.storage')))->at('storage');
    }
}
