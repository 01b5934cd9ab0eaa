<?php

declare(strict_types=1);

namespace App\Contracts;

use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocTagNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocTextNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasTagValueNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;

/** Reads the shapes (`@phpstan-type …Shape`) out of the docblocks of a file; the paragraph above one is its remark. */
final readonly class ShapeReader
{
    private const ENDING = 'Shape';

    private Lexer $lexer;

    private PhpDocParser $parser;

    public function __construct()
    {
        $config = new ParserConfig(['comments' => true]);
        $constants = new ConstExprParser($config);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
    }

    /**
     * @param  string  $file  from the project's folder
     * @return list<Shape>
     */
    public function in(string $code, string $file): array
    {
        $shapes = [];
        preg_match_all('~/\*\*(?:(?!\*/).)*@phpstan-type \w+'.self::ENDING.'\b.*?\*/~s', $code, $blocks);
        foreach ($blocks[0] as $block) {
            $remark = null;
            foreach ($this->parser->parse(new TokenIterator($this->lexer->tokenize($block)))->children as $number => $child) {
                if ($child instanceof PhpDocTextNode) {
                    // What a block begins with speaks of its class.
                    $paragraphs = array_slice(preg_split('/\n\s*\n/', trim($child->text)) ?: [], $number === 0 ? 1 : 0);
                    $remark = end($paragraphs) ?: $remark;

                    continue;
                }
                if ($child instanceof PhpDocTagNode && $child->value instanceof TypeAliasTagValueNode && str_ends_with($child->value->alias, self::ENDING)) {
                    $shapes[] = new Shape(lcfirst(substr($child->value->alias, 0, -strlen(self::ENDING))), $child->value->type, $remark, $file);
                }
                $remark = null;
            }
        }

        return $shapes;
    }
}
