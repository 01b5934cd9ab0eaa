import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { Chips } from '../../kit/Chips';
import { PickField } from '../../kit/PickField';
import { StationFrame } from '../../kit/StationFrame';
import { CornersView } from './CornersView';
import { EdgePlan } from './EdgePlan';
import { EdgeSchedule } from './EdgeSchedule';
import { EdgesBench } from './EdgesBench';
import { EndsView } from './EndsView';
import { LayerTape } from './LayerTape';
import { SectionView } from './SectionView';
import { SticksView } from './SticksView';
import { useEdgePlace, VIEWS, type EdgePlace } from './useEdgePlace';
import { useShownLayers } from './useShownLayers';
import type { EdgesSlice } from '../../contracts/edges';

/** What goes on in which order, and will it shed? */
export default function EdgesStation() {
    const { t } = useTranslation();
    const job = useJob();
    const place = useEdgePlace();
    const slice = usePlanSlice(job.id, 'edges', job.revision, place.wanted).data;
    if (slice?.edges.length === 0)
        return <StationFrame title={t('edges.title')} isHere none={t('edges.none')} toSurvey />;
    const edge = slice?.section?.edge ?? null;
    const head = <EdgesHead slice={slice} place={place} />;
    switch (place.view) {
        case 'ends':
            return <EndsView head={head} edge={edge} />;
        case 'sticks':
            return <SticksView head={head} edge={edge} />;
        case 'corners':
            return <CornersView head={head} slice={slice} place={place} />;
        case 'section':
            return <SectionView head={head} slice={slice} />;
        default:
            return <WholeRoof head={head} slice={slice} place={place} />;
    }
}

interface Shown {
    slice: EdgesSlice | undefined;
    place: EdgePlace;
}

function EdgesHead({ slice, place: { view, go } }: Shown) {
    const { t } = useTranslation();
    return (
        <>
            <Chips
                all={VIEWS.map((one) => ({ key: one, name: t(`edges.view.${one}`) }))}
                picked={view}
                onPick={(one) => go({ view: one })}
            />
            <span className="spacer" />
            {view === 'corners' && slice?.junction && (
                <PickField
                    label={t('edges.corner')}
                    value={slice.junction.id}
                    all={slice.junctions}
                    onPick={(corner) => go({ corner })}
                />
            )}
            {view !== 'corners' && slice?.section && (
                <PickField
                    label={t('edges.pick')}
                    value={slice.section.edge}
                    all={slice.edges}
                    onPick={(edge) => go({ edge })}
                />
            )}
        </>
    );
}

/** All edges, in plan or as a list, with the one that is picked on the bench. */
function WholeRoof({ head, slice, place: { view, go } }: Shown & { head: ReactNode }) {
    const { t } = useTranslation();
    const section = slice?.section ?? null;
    const { on, layer, pick } = useShownLayers(section);
    if (!slice || !section) return <StationFrame title={t('edges.title')} head={head} isHere={slice !== undefined} />;
    return (
        <StationFrame
            title={t('edges.title')}
            head={head}
            isHere
            bench={
                <EdgesBench key={section.edge} section={section} on={on} picked={layer?.key ?? null} onPick={pick} />
            }
            tape={layer && <LayerTape section={section} layer={layer} />}
        >
            {view === 'roof' ? (
                <EdgePlan
                    slice={slice}
                    picked={section.edge}
                    onPick={(edge) => go({ edge })}
                    onCorner={(corner) => go({ view: 'corners', corner })}
                />
            ) : (
                <EdgeSchedule slice={slice} picked={section.edge} onPick={(edge) => go({ edge, view: 'section' })} />
            )}
        </StationFrame>
    );
}
