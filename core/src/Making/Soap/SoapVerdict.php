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
    /** Oil is left over in any case, once it is cooked through. */
    case Sound = 'sound';
}
