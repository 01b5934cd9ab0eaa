import { useTranslation } from 'react-i18next';
import type { SpacePoint } from '../../contracts/roof';
import type { DropSlice, WaterSlice } from '../../contracts/water';
import { RoundSpace } from '../../deck/RoundSpace';

/** The roof in the round with the way of the drop over it; a drop is let fall from above. */
export function WaterRound({ slice, path }: { slice: WaterSlice; path: DropSlice | null }) {
    const { t } = useTranslation();
    const way = (path?.steps ?? []).flatMap((step): SpacePoint[] => [
        [step.from[0], step.from[1], step.heights[0]],
        [step.to[0], step.to[1], step.heights[1]],
    ]);
    const xs = slice.faces.flatMap((face) => face.solid.map(([x]) => x));
    return (
        <RoundSpace
            solids={slice.faces.map((face) => face.solid)}
            pieces={[]}
            name="water"
            fill="var(--metal)"
            from={{ bearing: 24, above: 42 }}
            most={180}
            size={Math.max(1, (Math.max(...xs) - Math.min(...xs)) / 80)}
            way={way}
            label={(bearing, above) => t('water.round-drawing', { bearing, above, way: way.length > 0 ? 'yes' : 'no' })}
            on={0}
        />
    );
}
