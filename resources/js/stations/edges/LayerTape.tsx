import { useTranslation } from 'react-i18next';
import type { EdgesSlice } from '../../contracts/edges';
import { TapeStrip } from '../../tape/TapeStrip';

type Section = NonNullable<EdgesSlice['section']>;

/** Where one layer is fastened, from one end of its edge, or of a pan. */
export function LayerTape({ section, layer }: { section: Section; layer: Section['layers'][number] }) {
    const { t } = useTranslation();
    const line = layer.fastenerLine;
    const title = t(layer.perPan ? 'edges.tape-pan' : 'edges.tape', { layer: layer.name });
    return (
        <TapeStrip
            title={line.length === 0 ? t('edges.tape-none') : title}
            hint={line.length > 0 ? t('edges.tape-hint', { count: line.length }) : undefined}
            from={0}
            to={layer.perPan ? Math.max(...line) + 1 : section.length}
            marks={line.map((at) => ({ at, tone: 'ink' as const }))}
        />
    );
}
