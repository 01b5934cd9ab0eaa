<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Roof\OpeningKind;

/** What kind of edge, or of opening, a layer is named after, in several languages, whatever stands round the word: `A-ROOF-EAVE`, `Traufe_neu`. */
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

    /** What comes through a roof, by the names its layer or its text may have. */
    private const OPENINGS = [
        'chimney' => OpeningKind::Chimney, 'schornstein' => OpeningKind::Chimney, 'kamin' => OpeningKind::Chimney, 'cheminée' => OpeningKind::Chimney, 'cheminee' => OpeningKind::Chimney, 'chimenea' => OpeningKind::Chimney, 'comignolo' => OpeningKind::Chimney,
        'skylight' => OpeningKind::Skylight, 'dachfenster' => OpeningKind::Skylight, 'puits de lumière' => OpeningKind::Skylight, 'claraboya' => OpeningKind::Skylight, 'tragaluz' => OpeningKind::Skylight, 'lucernario' => OpeningKind::Skylight,
        'vent' => OpeningKind::Vent, 'lüfter' => OpeningKind::Vent, 'aérateur' => OpeningKind::Vent, 'ventilación' => OpeningKind::Vent, 'aeratore' => OpeningKind::Vent,
        'pipe' => OpeningKind::Pipe, 'rohr' => OpeningKind::Pipe, 'tuyau' => OpeningKind::Pipe, 'tubo' => OpeningKind::Pipe,
        'curb' => OpeningKind::Curb, 'hatch' => OpeningKind::Curb, 'opening' => OpeningKind::Curb, 'öffnung' => OpeningKind::Curb, 'ouverture' => OpeningKind::Curb, 'abertura' => OpeningKind::Curb, 'apertura' => OpeningKind::Curb,
    ];

    public static function of(string $layer): ?EdgeKind
    {
        return self::named($layer, self::WORDS) ?? EdgeKind::tryFrom(mb_strtolower($layer));
    }

    /** @param  string  $words  the name of a layer, or a text */
    public static function opening(string $words): ?OpeningKind
    {
        return self::named($words, self::OPENINGS);
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $kinds  by word
     * @return T|null
     */
    private static function named(string $text, array $kinds): mixed
    {
        $name = mb_strtolower($text);
        foreach ($kinds as $word => $kind) {
            // The word by itself, or one made with it: not a ship in "hip".
            if (preg_match('/(?<!\p{L})'.preg_quote($word, '/').'(?!\p{L}{4,})/u', $name) === 1) {
                return $kind;
            }
        }

        return null;
    }
}
