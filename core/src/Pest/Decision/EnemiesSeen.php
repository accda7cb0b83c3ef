<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

enum EnemiesSeen: string
{
    case None = 'none';
    case Some = 'some';
    case Many = 'many';
}
