<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Formulation\RecipeReader;
use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Making\Jars;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Making\Preparation;
use Nebbia\Core\Soap\SoapMaker;
use Nebbia\Core\Soap\SoapReader;
use Nebbia\Core\Soap\SoapStock;

/** Preparations, for tests. */
final class Jar
{
    public static function reader(): JarReader
    {
        return new JarReader(self::makings(), self::maker(), self::soaps());
    }

    public static function makings(): MakingReader
    {
        return new MakingReader(Cases::knowledge(), new RecipeReader(Cases::knowledge()));
    }

    public static function maker(): Maker
    {
        return new Maker(Cases::knowledge(), new Mixer(Cases::knowledge()));
    }

    public static function soaps(): SoapStock
    {
        return new SoapStock(Cases::knowledge(), new SoapReader(Cases::knowledge()), new SoapMaker(Cases::knowledge()));
    }

    /** @param  array<string, mixed>  $body nebbia.preparation/1 */
    public static function made(array $body, Jars $jars = new Jars): Preparation
    {
        return self::maker()->make(self::makings()->with($jars)->read($body));
    }
}
