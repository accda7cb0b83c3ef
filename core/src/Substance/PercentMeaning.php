<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

/** What a bare "%" on the label of an ingredient means. */
enum PercentMeaning: string
{
    /** Grams per 100 mL. */
    case MassByVolume = 'w/v';
    /** Millilitres per 100 mL. */
    case ByVolume = 'v/v';
    /** Grams per 100 g of a solid. */
    case Purity = 'purity';
}
