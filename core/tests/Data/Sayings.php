<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests\Data;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * Every place in the code that says a sentence: which keys it may say, with which parameters. Read from the syntax, without
 * running anything. A key may hold `*` where a part of it comes from data; parameters are null where they cannot be told.
 */
final class Sayings
{
    /** @var list<array{where: string, key: string, params: list<string>|null}> */
    public array $all = [];

    /** Methods that pass a key on: class => method => [key argument, params argument, before, after, own params] */
    private const START = ['Say' => ['it' => [[0, 1, '', '', []]]], 'RuleGround' => ['plain' => [[0, 4, 'ground.', '.title', []], [0, 4, 'ground.', '.text', []]]], 'Message' => ['of' => [[0, 1, '', '', []]]], 'Finding' => ['of' => [[2, 3, '', '.what', []], [2, 3, '', '.because', []], [2, 3, '', '.instead', []]]]];

    /** @var array<string, array{class: Node\Stmt\ClassLike, file: string}> */
    private array $classes = [];

    public static function in(string ...$folders): self
    {
        $self = new self;
        $parser = (new ParserFactory)->createForHostVersion();
        $finder = new NodeFinder;
        foreach ($folders as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    foreach ($finder->findInstanceOf($parser->parse((string) file_get_contents($file->getPathname())) ?? [], Node\Stmt\ClassLike::class) as $class) {
                        $self->classes[$file->getPathname().'#'.$class->name] = ['class' => $class, 'file' => $file->getBasename()];
                    }
                }
            }
        }
        foreach ($self->classes as ['class' => $class, 'file' => $file]) {
            $self->ofClass($class, $file);
        }

        return $self;
    }

    /** @return list<string> whatever is put together like a key anywhere, `*` for its parts */
    public static function shapes(string ...$folders): array
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $shapes = [];
        foreach ($folders as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                $tree = str_ends_with((string) $file, '.php') ? $parser->parse((string) file_get_contents((string) $file)) ?? [] : [];
                foreach ((new NodeFinder)->find($tree, static fn (Node $node): bool => $node instanceof Scalar\InterpolatedString || $node instanceof Expr\BinaryOp\Concat) as $node) {
                    $shape = self::shape($node);
                    if (preg_match('/^[a-z][a-z-]*\.[a-z0-9*._-]+$/', $shape) === 1) {
                        $shapes[$shape] = true;
                    }
                }
            }
        }

        return array_keys($shapes);
    }

    private static function shape(Node $node): string
    {
        return match (true) {
            $node instanceof Scalar\String_, $node instanceof Node\InterpolatedStringPart => $node->value,
            $node instanceof Scalar\InterpolatedString => implode('', array_map(self::shape(...), $node->parts)),
            $node instanceof Expr\BinaryOp\Concat => self::shape($node->left).self::shape($node->right),
            default => '*',
        };
    }

    private function ofClass(Node\Stmt\ClassLike $class, string $file): void
    {
        $helpers = [];
        // Helpers of a class may call helpers: twice is enough for the depth there is.
        for ($pass = 0; $pass < 3; $pass++) {
            $found = [];
            foreach ($class->getMethods() as $method) {
                foreach ($this->calls($method) as [$call, $target]) {
                    foreach ($this->ways($call, $target, $helpers) as [$keyAt, $paramsAt, $before, $after, $own]) {
                        $key = self::argument($call, $keyAt);
                        if ($key === null) {
                            continue;
                        }
                        $params = self::merged($this->params(self::argument($call, $paramsAt), $method), $own);
                        foreach ($this->keys($key, $method) as $one) {
                            if (preg_match('/^(.*)\$(\w+)(.*)$/', $one, $at) === 1 && ($n = self::parameter($method, $at[2])) !== null) {
                                $passed = self::argument($call, $paramsAt);
                                $names = [];
                                if ($passed !== null) {
                                    (new NodeFinder)->findFirst([$passed], function (Node $node) use (&$names): bool {
                                        if ($node instanceof Expr\Variable && is_string($node->name)) {
                                            $names[] = $node->name;
                                        }

                                        return false;
                                    });
                                }
                                $paramsOf = array_values(array_filter(array_map(static fn (string $name): ?int => self::parameter($method, $name), $names), static fn (?int $m): bool => $m !== null && self::isArray($method, $m)));
                                $helpers[$method->name->toString()][$key->getStartLine().$before.$after.$at[1]] = [$n, $paramsOf[0] ?? -1, $before.$at[1], $at[3].$after, $paramsOf === [] ? $params : self::literal($passed, $own)];

                                continue;
                            }
                            $found["$file:{$call->getStartLine()} $before$one$after"] = ['where' => "$file:{$call->getStartLine()}", 'key' => preg_replace('/\$\w+|\*+/', '*', "$before$one$after") ?? '', 'params' => $params];
                        }
                    }
                }
            }
        }
        $this->all = [...$this->all, ...array_values($found)];
    }

    /** @return iterable<array{Expr\StaticCall|Expr\MethodCall|Expr\New_, array{string, string}}> */
    private function calls(Node\Stmt\ClassMethod $method): iterable
    {
        foreach ((new NodeFinder)->find($method->stmts ?? [], static fn (Node $node): bool => $node instanceof Expr\StaticCall || $node instanceof Expr\MethodCall) as $call) {
            if (! $call->name instanceof Node\Identifier || $call->isFirstClassCallable()) {
                continue;
            }
            if ($call instanceof Expr\StaticCall && $call->class instanceof Node\Name) {
                yield [$call, [$call->class->getLast(), $call->name->toString()]];
            } elseif ($call instanceof Expr\MethodCall && $call->var instanceof Expr\Variable && $call->var->name === 'this') {
                yield [$call, ['self', $call->name->toString()]];
            }
        }
    }

    private function ways(Expr\StaticCall|Expr\MethodCall $call, array $target, array $helpers): array
    {
        [$class, $method] = $target;
        if (in_array($class, ['self', 'static', 'this'], true)) {
            return array_values($helpers[$method] ?? []);
        }

        return self::START[$class][$method] ?? [];
    }

    private static function argument(Expr\StaticCall|Expr\MethodCall $call, int $n): ?Expr
    {
        $args = $call->getArgs();
        foreach ($args as $arg) {
            if ($arg->unpack) {
                return null;
            }
            if ($arg->name?->toString() === 'params') {
                return $arg->value;
            }
        }

        return $args[$n]->value ?? null;
    }

    private static function parameter(Node\Stmt\ClassMethod $method, string $name): ?int
    {
        foreach ($method->params as $n => $param) {
            if ($param->var instanceof Expr\Variable && $param->var->name === $name) {
                return $n;
            }
        }

        return null;
    }

    private static function isArray(Node\Stmt\ClassMethod $method, int $n): bool
    {
        return $method->params[$n]->type instanceof Node\Identifier && $method->params[$n]->type->name === 'array';
    }

    /** @return list<string> with $name where a variable stands that cannot be told */
    private function keys(Expr $key, Node\Stmt\ClassMethod $method): array
    {
        return match (true) {
            $key instanceof Scalar\String_ => [$key->value],
            $key instanceof Scalar\InterpolatedString => [implode('', array_map(static fn (Node $part): string => match (true) {
                $part instanceof Node\InterpolatedStringPart => $part->value,
                $part instanceof Expr\Variable && is_string($part->name) => "\$$part->name",
                default => '*',
            }, $key->parts))],
            $key instanceof Expr\Ternary => [...$this->keys($key->if ?? $key->cond, $method), ...$this->keys($key->else, $method)],
            $key instanceof Expr\Match_ => array_merge(...array_map(fn (Node\MatchArm $arm): array => $this->keys($arm->body, $method), $key->arms)),
            $key instanceof Expr\Variable && is_string($key->name) => $this->assigned($key->name, $method),
            default => ['*'],
        };
    }

    /** @return list<string> */
    private function assigned(string $name, Node\Stmt\ClassMethod $method): array
    {
        if (self::parameter($method, $name) !== null) {
            return ["\$$name"];
        }
        $keys = [];
        foreach ((new NodeFinder)->findInstanceOf($method->stmts ?? [], Expr\Assign::class) as $assign) {
            if ($assign->var instanceof Expr\Variable && $assign->var->name === $name) {
                $keys = [...$keys, ...$this->keys($assign->expr, $method)];
            }
            // [$severity, $key] = match (…) { … => [Severity::Stop, 'ph.caustic'] }
            if ($assign->var instanceof Expr\List_ || $assign->var instanceof Expr\Array_) {
                foreach ($assign->var->items as $n => $item) {
                    if ($item?->value instanceof Expr\Variable && $item->value->name === $name) {
                        foreach ((new NodeFinder)->findInstanceOf([$assign->expr], Expr\Array_::class) as $array) {
                            if (isset($array->items[$n])) {
                                $keys = [...$keys, ...$this->keys($array->items[$n]->value, $method)];
                            }
                        }
                    }
                }
            }
        }

        return $keys === [] ? ['*'] : $keys;
    }

    /** @return list<string>|null names of parameters, null where they cannot be told */
    private function params(?Expr $params, Node\Stmt\ClassMethod $method): ?array
    {
        if ($params === null) {
            return [];
        }
        if ($params instanceof Expr\Variable && is_string($params->name) && self::parameter($method, $params->name) === null) {
            $assigned = array_values(array_filter((new NodeFinder)->findInstanceOf($method->stmts ?? [], Expr\Assign::class), static fn (Expr\Assign $one): bool => ($one->var instanceof Expr\Variable && $one->var->name === $params->name)
                || ($one->var instanceof Expr\ArrayDimFetch && $one->var->var instanceof Expr\Variable && $one->var->var->name === $params->name)));

            return count($assigned) === 1 ? $this->params($assigned[0]->expr, $method) : null;
        }

        return self::literal($params, []);
    }

    /** @return list<string>|null */
    private static function literal(?Expr $params, ?array $own): ?array
    {
        if ($params instanceof Expr\BinaryOp\Plus) {
            return self::merged(self::literal($params->left, []), self::literal($params->right, $own));
        }
        if (! $params instanceof Expr\Array_) {
            return $params instanceof Expr\Variable && $own !== null ? null : ($params === null ? $own : null);
        }
        $names = $own ?? [];
        foreach ($params->items as $item) {
            if ($item->unpack || ! $item->key instanceof Scalar\String_) {
                return null;
            }
            $names[] = $item->key->value;
        }

        return $names;
    }

    private static function merged(?array $one, ?array $other): ?array
    {
        return $one === null || $other === null ? null : array_values(array_unique([...$one, ...$other]));
    }
}
