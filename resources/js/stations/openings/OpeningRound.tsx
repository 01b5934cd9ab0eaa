import { useTranslation } from 'react-i18next';
import type { OpeningView } from '../../contracts/openings';
import type { SpacePoint } from '../../contracts/roof';
import { RoundSpace } from '../../deck/RoundSpace';

export interface OpeningDrawingProps {
    opening: OpeningView;
    /** How many pieces are on. */
    on: number;
    picked: string | null;
    onPick: (piece: string) => void;
}

/** The bent pieces of an opening, folded up round its walls. */
export function OpeningRound({ opening, on, picked, onPick }: OpeningDrawingProps) {
    const { t } = useTranslation();
    const bent = opening.pieces.filter((piece) => piece.flats.length > 0);
    // Those of them that are on: what is cut elsewhere is not drawn here.
    const lying = bent.filter((piece) => piece.number <= on).length;
    return (
        <RoundSpace
            solids={opening.solids}
            pieces={bent.map((piece, i) => ({
                key: piece.key,
                number: i + 1,
                label: piece.number,
                flats: piece.flats,
                seenAt: middle(piece.flats[0]),
            }))}
            name={opening.kind}
            from={{ bearing: 28, above: 38 }}
            size={2}
            label={(bearing, above) =>
                t('openings.round-drawing', { name: opening.name, bearing, above, on, all: opening.pieces.length })
            }
            on={lying}
            picked={picked}
            onPick={onPick}
        />
    );
}

function middle(flat: SpacePoint[]): SpacePoint {
    const sum = flat.reduce(([a, b, c], [x, y, z]) => [a + x, b + y, c + z], [0, 0, 0]);
    return [sum[0] / flat.length, sum[1] / flat.length, sum[2] / flat.length];
}
