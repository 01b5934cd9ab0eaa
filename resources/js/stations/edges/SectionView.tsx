import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { LayerSlider } from '../../bench/LayerSlider';
import type { EdgesSlice } from '../../contracts/edges';
import { StationFrame } from '../../kit/StationFrame';
import { EdgesBench } from './EdgesBench';
import { LayerTape } from './LayerTape';
import { SectionDrawing } from './SectionDrawing';
import { useShownLayers } from './useShownLayers';

/** One edge in section, layer on layer. */
export function SectionView({ head, slice }: { head: ReactNode; slice: EdgesSlice | undefined }) {
    const { t } = useTranslation();
    const section = slice?.section ?? null;
    const { on, layer, pick, lay } = useShownLayers(section);
    const picked = layer?.key ?? null;
    return (
        <StationFrame
            title={t('edges.title')}
            head={head}
            isHere={slice !== undefined}
            bench={section && <EdgesBench key={section.edge} section={section} on={on} picked={picked} onPick={pick} />}
            tape={section && layer && <LayerTape section={section} layer={layer} />}
        >
            {section && (
                <>
                    <SectionDrawing section={section} on={on} picked={picked} onPick={pick} />
                    <LayerSlider label={t('edges.layers-on')} count={section.layers.length} on={on} onChange={lay} />
                    <p className="muted small">{t('edges.to-scale')}</p>
                </>
            )}
        </StationFrame>
    );
}
