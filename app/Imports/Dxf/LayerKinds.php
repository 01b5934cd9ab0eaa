<?php

declare(strict_types=1);

namespace App\Imports\Dxf;

use Imbrex\Core\Catalogue\EdgeKind;

/** What kind of edge a layer is named after, in several languages, whatever stands round the word: `A-ROOF-EAVE`, `Traufe_neu`. */
final class LayerKinds
{
    /** Longer words before what they contain. */
    private const WORDS = [
        'headwall' => EdgeKind::Headwall, 'sidewall' => EdgeKind::Sidewall,
        'eave' => EdgeKind::Eave, 'traufe' => EdgeKind::Eave, 'egout' => EdgeKind::Eave, 'égout' => EdgeKind::Eave, 'alero' => EdgeKind::Eave, 'gronda' => EdgeKind::Eave,
        'ridge' => EdgeKind::Ridge, 'first' => EdgeKind::Ridge, 'faitage' => EdgeKind::Ridge, 'faîtage' => EdgeKind::Ridge, 'cumbrera' => EdgeKind::Ridge, 'colmo' => EdgeKind::Ridge,
        'rake' => EdgeKind::Rake, 'gable' => EdgeKind::Rake, 'ortgang' => EdgeKind::Rake, 'rive' => EdgeKind::Rake, 'hastial' => EdgeKind::Rake,
        'valley' => EdgeKind::Valley, 'kehle' => EdgeKind::Valley, 'noue' => EdgeKind::Valley, 'limahoya' => EdgeKind::Valley, 'compluvio' => EdgeKind::Valley,
        'arêtier' => EdgeKind::Hip, 'aretier' => EdgeKind::Hip, 'limatesa' => EdgeKind::Hip, 'grat' => EdgeKind::Hip, 'hip' => EdgeKind::Hip,
        'peak' => EdgeKind::Peak,
    ];

    public static function of(string $layer): ?EdgeKind
    {
        $name = mb_strtolower($layer);
        foreach (self::WORDS as $word => $kind) {
            // The word by itself, or one made with it: not a ship in "hip".
            if (preg_match('/(?<!\p{L})'.preg_quote($word, '/').'(?!\p{L}{4,})/u', $name) === 1) {
                return $kind;
            }
        }

        return EdgeKind::tryFrom($name);
    }
}
