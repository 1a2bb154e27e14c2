<?php

declare(strict_types=1);

namespace Tests;

use PHPStan\PhpDocParser\Ast\Attribute;
use PHPStan\PhpDocParser\Ast\Comment;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Node;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\ObjectShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ObjectShapeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;

/**
 * The TypeScript of what pages are sent, from the `@phpstan-type` of the classes that make it: PHPStan holds them to what is made, the
 * TypeScript compiler to what is shown. `bin/page-types` writes it.
 */
final class PageTypes
{
    public const FILE = 'resources/js/types/pages.ts';

    private const FOLDERS = ['sheets', 'app/Pages'];

    /** What PHP has no name for: a type that holds itself, and a part as the house file has it. By type and field. */
    public const INSTEAD = ['RunNode' => ['children' => 'RunNode[]'], 'DistanceShown' => ['asWritten' => 'Distance']];

    private const HEAD = <<<'TS'
        // Written by bin/page-types from the classes named. Change those, not this.
        import type { Distance } from "./house-file";


        TS;

    private const PLAIN = [
        'string' => 'string', 'int' => 'number', 'float' => 'number', 'bool' => 'boolean', 'null' => 'null', 'mixed' => 'unknown',
        'true' => 'true', 'false' => 'false',
    ];

    private readonly Lexer $lexer;

    private readonly PhpDocParser $parser;

    /** @var array<string, string> full names of classes by the short ones of the file that is read */
    private array $imports = [];

    /** @var array<string, string> the enums that are named, by name */
    private array $enums = [];

    /** @var array<string, string> the fields of the type that is read that are named otherwise */
    private array $instead = [];

    public function __construct()
    {
        $config = new ParserConfig(['comments' => true]);
        $expressions = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $expressions), $expressions);
    }

    public static function root(): string
    {
        return dirname(__DIR__);
    }

    public function typescript(): string
    {
        $types = [];
        foreach (self::FOLDERS as $folder) {
            foreach (glob(self::root() . "/$folder/*.php") ?: [] as $file) {
                $types += $this->typesOf((string) file_get_contents($file), "$folder/" . basename($file));
            }
        }

        ksort($this->enums);

        return self::HEAD . implode("\n", [...$this->enums, ...$types]);
    }

    /** @return array<string, string> by their names */
    private function typesOf(string $code, string $file): array
    {
        preg_match('/^namespace ([\w\\\\]+);/m', $code, $namespace);
        preg_match_all('/^use ([\w\\\\]+\\\\(\w+));/m', $code, $used);
        $this->imports = array_combine($used[2], $used[1]) + ['' => $namespace[1] ?? ''];
        // The one that stands right before the class.
        if (preg_match('~(/\*\*(?:(?!\*/).)*\*/)\s+(?:final |readonly |abstract )*class \w+~s', $code, $found) !== 1) {
            return [];
        }
        $types = [];
        foreach ($this->parse($found[1])->getTypeAliasTagValues() as $alias) {
            $this->instead = self::INSTEAD[$alias->alias] ?? [];
            $body = $this->type($alias->type, 0);
            $types[$alias->alias] = "/** {$file} */\n"
                . (str_starts_with($body, '{') ? "export interface {$alias->alias} $body\n" : "export type {$alias->alias} = $body;\n");
        }

        return $types;
    }

    private function parse(string $comment): PhpDocNode
    {
        return $this->parser->parse(new TokenIterator($this->lexer->tokenize($comment)));
    }

    private function type(TypeNode $type, int $depth): string
    {
        return match (true) {
            $type instanceof ArrayShapeNode, $type instanceof ObjectShapeNode => $this->shape($type, $depth),
            $type instanceof NullableTypeNode => $this->type($type->type, $depth) . ' | null',
            $type instanceof UnionTypeNode => implode(
                ' | ',
                array_map(fn(TypeNode $one): string => $this->type($one, $depth), $type->types),
            ),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode => json_encode(
                $type->constExpr->value,
                JSON_THROW_ON_ERROR,
            ),
            $type instanceof GenericTypeNode => $this->generic($type, $depth),
            $type instanceof IdentifierTypeNode => self::PLAIN[$type->name] ?? $type->name,
            default => throw new \LogicException("no TypeScript for $type"),
        };
    }

    private function generic(GenericTypeNode $type, int $depth): string
    {
        $last = $type->genericTypes[count($type->genericTypes) - 1];
        $inner = fn(): string => $this->type($last, $depth);

        return match ($type->type->name) {
            'list', 'non-empty-list' => $last instanceof UnionTypeNode || $last instanceof NullableTypeNode
                ? "({$inner()})[]"
                : "{$inner()}[]",
            'array', 'ById' => "Record<string, {$inner()}>",
            'value-of' => $this->enum((string) $last),
            default => throw new \LogicException("no TypeScript for $type"),
        };
    }

    /** The values of an enum, as a type of its name. */
    private function enum(string $enum): string
    {
        $class = $this->imports[$enum] ?? $this->imports[''] . "\\$enum";
        if (! is_subclass_of($class, \BackedEnum::class)) {
            throw new \LogicException("$class is no enum with values");
        }

        $values = array_map(fn(\BackedEnum $case): string => json_encode($case->value, JSON_THROW_ON_ERROR), $class::cases());
        $isLong = strlen(implode(' | ', $values)) > 80;
        $this->enums[$enum] = "/** $class */\nexport type $enum ="
            . ($isLong ? "\n  | " . implode("\n  | ", $values) : ' ' . implode(' | ', $values)) . ";\n";

        return $enum;
    }

    private function shape(ArrayShapeNode|ObjectShapeNode $shape, int $depth): string
    {
        $isLong = $depth === 0 || strlen((string) $shape) > 100;
        $indent = str_repeat('  ', $depth + 1);
        $fields = array_map(function (ArrayShapeItemNode|ObjectShapeItemNode $item) use ($depth, $isLong, $indent): string {
            $name = trim((string) $item->keyName, '\'"');
            $field = $name . ($item->optional ? '?' : '') . ': ' . ($this->instead[$name] ?? $this->type($item->valueType, $depth + 1));

            return $isLong ? self::comment($item, $indent) . "$indent$field;\n" : $field;
        }, $shape->items);

        return $isLong ? "{\n" . implode('', $fields) . str_repeat('  ', $depth) . '}' : '{ ' . implode('; ', $fields) . ' }';
    }

    private static function comment(ArrayShapeItemNode|ObjectShapeItemNode $item, string $indent): string
    {
        // The parser leaves it with the first of them that it comes to.
        $comments = array_merge(...array_map(
            fn(?Node $node): array => (array) ($node?->getAttribute(Attribute::COMMENTS) ?? []),
            [$item, $item->keyName, $item->valueType],
        ));
        $lines = array_map(fn(Comment $comment): string => trim(ltrim($comment->text, '/')), $comments);

        return $lines === [] ? '' : "$indent/** " . implode(' ', $lines) . " */\n";
    }
}
