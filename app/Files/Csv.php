<?php

declare(strict_types=1);

namespace App\Files;

use SplTempFileObject;

/**
 * Tables for spreadsheets. A cell that a spreadsheet would work out as a formula gets an apostrophe before it, also where it would
 * only begin a cell if semicolons or tabs were taken for what stands between cells.
 */
final class Csv
{
    private const FORMULA = '/(^|[;\t\r\n])(\s*)(?=[=+\-@＝＋－＠])/u';

    /** @param  iterable<list<string>>  $rows */
    public static function write(iterable $rows, string $between = ','): string
    {
        $file = new SplTempFileObject;
        foreach ($rows as $row) {
            $file->fputcsv(array_map(self::shield(...), $row), $between, '"', '');
        }
        $file->rewind();
        $text = '';
        while (! $file->eof()) {
            $text .= $file->fgets();
        }

        return $text;
    }

    /**
     * For the spreadsheets of a place, which see by the mark at its beginning that it is UTF-8.
     *
     * @param  iterable<list<string>>  $rows
     */
    public static function sheet(iterable $rows, SheetLocale $locale): string
    {
        return "\u{FEFF}".self::write($rows, $locale->between);
    }

    public static function shield(string $cell): string
    {
        return (string) preg_replace(self::FORMULA, "$1$2'", $cell);
    }

    /** What shield() was given. */
    public static function unshield(string $cell): string
    {
        return (string) preg_replace('/(^|[;\t\r\n])(\s*)\'(?=[=+\-@＝＋－＠])/u', '$1$2', $cell);
    }
}
