import { useTranslation } from 'react-i18next';
import type { JunctionView } from '../../contracts/edges';
import { RoundSpace } from '../../deck/RoundSpace';

interface JunctionSpaceProps {
    junction: JunctionView;
    /** How many pieces lie already; the others hang over their place. */
    on: number;
    picked: string | null;
    onPick: (piece: string) => void;
}

/** Their gable is on the right. */
const SEEN_FROM_RIGHT = ['eave-rake', 'rake-ridge', 'rake-headwall'];

/** A junction in the round. */
export function JunctionSpace({ junction, on, picked, onPick }: JunctionSpaceProps) {
    const { t } = useTranslation();
    return (
        <RoundSpace
            solids={junction.solids}
            pieces={junction.pieces}
            name={junction.kind}
            from={{ bearing: SEEN_FROM_RIGHT.includes(junction.kind) ? -30 : 30, above: 35 }}
            label={(bearing, above) =>
                t('edges.corner-in-round', { name: junction.name, bearing, above, on, all: junction.pieces.length })
            }
            on={on}
            picked={picked}
            onPick={onPick}
        />
    );
}
