<?php

declare(strict_types=1);

namespace App\Contracts;

use FilesystemIterator;
use Imbrex\Stations\Documents\Root;
use LogicException;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use stdClass;

/**
 * What is shown of a plan, as a schema: made from the shapes beside the writers, so that neither can say what the other does not.
 * Each definition tells by its `$comment` where it stands; shapes called `Whole…` are the fields of a whole plan, put together.
 */
final class PlanContract
{
    private const WHERE = ['stations/src', 'app/Plans'];

    private const WHOLE = 'whole';

    private static ?stdClass $made = null;

    /** @throws LogicException where two writers define one shape, or one says what the wire does not carry */
    public static function schema(): stdClass
    {
        return self::$made ??= self::made();
    }

    private static function made(): stdClass
    {
        $shapes = self::shapes();
        $schema = new ShapeSchema($shapes);
        $whole = ['required' => [], 'properties' => []];
        $definitions = [];
        foreach ($shapes as $name => $shape) {
            $said = $schema->of($shape->type);
            if (str_starts_with($name, self::WHOLE)) {
                $whole = array_merge_recursive($whole, array_intersect_key($said, $whole));
            } else {
                $definitions[$name] = [...$said, ...($shape->remark === null ? [] : ['description' => $shape->remark]), '$comment' => $shape->file];
            }
        }

        return (object) json_decode(json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://imbrex.invalid/contracts/plan.schema.json',
            'title' => 'Plan',
            'description' => 'What bin/imbrex plan prints, and under $defs the slices the stations get. Lengths are inches, unrounded.',
            'type' => 'object',
            'additionalProperties' => false,
            ...$whole,
            '$defs' => $definitions,
        ], JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR);
    }

    /** @return array<string, Shape> by name, file by file */
    private static function shapes(): array
    {
        $reader = new ShapeReader;
        $shapes = [];
        foreach (self::files() as $file) {
            foreach ($reader->in((string) file_get_contents(Root::at($file)), $file) as $shape) {
                if (isset($shapes[$shape->name])) {
                    throw new LogicException("$file defines $shape->name again: it stands in {$shapes[$shape->name]->file}");
                }
                $shapes[$shape->name] = $shape;
            }
        }

        return $shapes;
    }

    /** @return list<string> */
    private static function files(): array
    {
        $files = [];
        foreach (self::WHERE as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(Root::at($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file->getExtension() === 'php') {
                    $files[] = substr($file->getPathname(), strlen(Root::at('')));
                }
            }
        }
        sort($files);

        return $files;
    }
}
