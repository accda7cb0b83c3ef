<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests\Data;

use FilesystemIterator;
use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Texts in the code that read like something said to people: they belong into the catalogue. */
final class Phrases
{
    /** Who speaks to makers of Nebbia, not to gardeners: a fault of the code or of its data. */
    private const TO_MAKERS = ['LogicException', 'InvalidArgumentException', 'RuntimeException'];

    /** What kind of source something rests on: words of the formats. */
    private const BASES = ['established guidance', 'physical constant', 'own trial'];

    /** Written for programs: what the OpenAPI document or `artisan list` says. */
    private const FOR_PROGRAMS = ['ABOUT', 'signature', 'description'];

    /**
     * @param  list<string>  $except  file names
     * @return list<string> file, line and text
     */
    public static function in(string $folder, array $except = []): array
    {
        $found = [];
        $parser = (new ParserFactory)->createForHostVersion();
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() !== 'php' || in_array($file->getFilename(), $except, true)) {
                continue;
            }
            $tree = (new NodeTraverser(new ParentConnectingVisitor))->traverse($parser->parse((string) file_get_contents((string) $file)) ?? []);
            foreach ((new NodeFinder)->find($tree, static fn (Node $node): bool => $node instanceof Scalar\String_ || $node instanceof Node\InterpolatedStringPart) as $node) {
                $text = $node instanceof Scalar\String_ || $node instanceof Node\InterpolatedStringPart ? $node->value : '';
                if (self::isSpoken($text) && ! self::isForMakers($node)) {
                    $found[] = $file->getFilename().":{$node->getStartLine()} $text";
                }
            }
        }

        return $found;
    }

    /** Two words or more, and none of the languages of machines. */
    private static function isSpoken(string $text): bool
    {
        return ! in_array($text, self::BASES, true) && preg_match('/[a-z]{2,},?\s+[a-z]{2,}/i', $text) === 1
            && preg_match('/[<>\\\\|]|\b(select|from|json_extract|where|as|max|begin|pragma|insert|null)\b.*\(|^\w+ as \w+$|\bBEGIN\b|^no such|%\w|^PRAGMA|^core\/data/i', $text) === 0;
    }

    private static function isForMakers(Node $node): bool
    {
        for ($one = $node->getAttribute('parent'); $one instanceof Node; $one = $one->getAttribute('parent')) {
            $name = match (true) {
                $one instanceof Expr\New_ && $one->class instanceof Node\Name => $one->class->getLast(),
                $one instanceof Node\Stmt\ClassConst => $one->consts[0]->name->toString(),
                $one instanceof Node\Stmt\Property => $one->props[0]->name->toString(),
                default => '',
            };
            if ($one instanceof Node\Attribute || in_array($name, [...self::TO_MAKERS, ...self::FOR_PROGRAMS], true)) {
                return true;
            }
        }

        return false;
    }
}
