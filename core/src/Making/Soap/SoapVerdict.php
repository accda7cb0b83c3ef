<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

/** Whether free alkali is to be feared in a soap. */
enum SoapVerdict: string
{
    /** Free alkali is likely: not to be made so. */
    case Refused = 'refused';
    /** Free alkali is possible within what purity and oils leave open. */
    case Possible = 'possible';
    /** As much oil is left over as is planned for, once it is cooked through; the test tells. */
    case Sound = 'sound';
    /** More oil is left over than a liquid soap holds. */
    case Rich = 'rich';
}
