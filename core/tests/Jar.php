<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Making\Preparation;
use Nebbia\Core\Making\Soap\SoapStock;
use Nebbia\Core\Shelf\Jars;

/** Preparations, for tests. */
final class Jar
{
    public static function reader(): JarReader
    {
        return new JarReader(self::makings(), self::maker(), self::soaps());
    }

    public static function makings(): MakingReader
    {
        return Cases::get(MakingReader::class);
    }

    public static function maker(): Maker
    {
        return Cases::get(Maker::class);
    }

    public static function soaps(): SoapStock
    {
        return Cases::get(SoapStock::class);
    }

    /** @param  array<string, mixed>  $body nebbia.preparation/1 */
    public static function made(array $body, Jars $jars = new Jars): Preparation
    {
        return self::maker()->make(self::makings()->with($jars)->read($body));
    }
}
