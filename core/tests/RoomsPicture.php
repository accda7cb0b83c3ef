<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

/** Draws the rooms of core as they stand on each other, for docs/ARCHITECTURE.md. */
final class RoomsPicture
{
    private const ROW = 40;

    private const BOX = [250, 28];

    private const LEFT = 20;

    private const ARCS = 330;

    /** Only looks that do not go by way of another room are drawn. */
    public static function svg(Rooms $rooms): string
    {
        $names = array_reverse(array_keys(Rooms::ORDER));
        $row = array_flip($names);
        $height = count($names) * self::ROW + 20;
        $width = self::LEFT + self::BOX[0] + self::ARCS;
        $parts = [];
        foreach (self::direct($rooms) as [$from, $to]) {
            $parts[] = self::arc($row[$from], $row[$to]);
        }
        foreach ($names as $n => $name) {
            $y = 10 + $n * self::ROW;
            $parts[] = sprintf('<rect x="%d" y="%d" width="%d" height="%d" rx="6" fill="#eef3ea" stroke="#5b7a4a"/>', self::LEFT, $y, ...self::BOX);
            $parts[] = sprintf(
                '<text x="%d" y="%d"><tspan font-weight="bold">%s</tspan><tspan dx="8" fill="#4c5a46" font-size="11">%d classes</tspan></text>',
                self::LEFT + 12, $y + 19, $name, self::classes($rooms, $name),
            );
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $width $height\" font-family=\"sans-serif\" font-size=\"14\" fill=\"#22301c\" role=\"img\" aria-label=\"The rooms of core: each looks only into rooms below it\">\n"
            .'<defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto"><path d="M0 0L8 4L0 8z" fill="#8a5a2b"/></marker></defs>'."\n"
            .implode("\n", $parts)."\n</svg>\n";
    }

    /** @return list<array{string, string}> */
    private static function direct(Rooms $rooms): array
    {
        $below = [];
        foreach (array_keys(Rooms::ORDER) as $name) {
            $below[$name] = [];
            foreach (array_keys($rooms->looks[$name] ?? []) as $other) {
                $below[$name] = [...$below[$name], $other, ...$below[$other]];
            }
        }
        $direct = [];
        foreach ($rooms->looks as $name => $others) {
            foreach (array_keys($others) as $other) {
                $byAnother = array_filter(array_keys($others), static fn (string $third): bool => $third !== $other && in_array($other, $below[$third], true));
                if ($byAnother === []) {
                    $direct[] = [$name, $other];
                }
            }
        }
        sort($direct);

        return $direct;
    }

    private static function arc(int $from, int $to): string
    {
        $x = self::LEFT + self::BOX[0];
        $y = static fn (int $row): int => 10 + $row * self::ROW + intdiv(self::BOX[1], 2);
        $reach = $x + 30 + 18 * ($to - $from);

        return sprintf('<path d="M%d %dC%d %d %d %d %d %d" fill="none" stroke="#8a5a2b" marker-end="url(#tip)"/>', $x, $y($from) + 4, $reach, $y($from) + 4, $reach, $y($to) - 4, $x + 2, $y($to) - 4);
    }

    private static function classes(Rooms $rooms, string $name): int
    {
        return array_sum(array_map(
            static fn (string $folder, array $classes): int => $folder === $name || str_starts_with($folder, "$name\\") ? count($classes) : 0,
            array_keys($rooms->folders), $rooms->folders,
        ));
    }
}
