import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { TapeStrip } from '../../tape/TapeStrip';
import { EdgePlan } from './EdgePlan';
import { EdgeSchedule } from './EdgeSchedule';
import { EdgesBench } from './EdgesBench';
import { EndsView } from './EndsView';
import { JunctionBench } from './JunctionBench';
import { JunctionDrawing } from './JunctionDrawing';
import { JunctionSpace } from './JunctionSpace';
import { LayerSlider } from '../../bench/LayerSlider';
import { SectionDrawing } from './SectionDrawing';
import { SticksView } from './SticksView';

const VIEWS = ['section', 'sticks', 'ends', 'corners', 'roof', 'schedule'] as const;
type View = (typeof VIEWS)[number];

/** What goes on in which order, and will it shed? */
export default function EdgesStation() {
    const { t } = useTranslation();
    const job = useJob();
    const { pick, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const view = VIEWS.find((one) => one === params.get('view')) ?? 'section';
    const corner = params.get('corner');
    const wanted = view === 'corners' ? corner : (params.get('edge') ?? (pick?.kind === 'edge' ? pick.id : null));
    const slice = usePlanSlice(job.id, 'edges', job.revision, wanted).data;
    const section = slice?.section ?? null;
    const junction = view === 'corners' ? (slice?.junction ?? null) : null;
    const inRound = params.get('flat') === null;
    const first = slice?.junctions[0]?.id;
    useEffect(() => {
        if (view === 'corners' && !corner && first) setParams({ view, corner: first }, { replace: true });
    }, [view, corner, first, setParams]);
    // Of the edge that is shown: how many layers lie, and which of them is picked.
    const [shown, setShown] = useState<{ edge: string; on?: number; layer?: string }>({ edge: '' });
    const what = junction?.id ?? section?.edge ?? '';
    const own = shown.edge === what ? shown : { edge: what };
    const on = Math.min(own.on ?? Infinity, junction?.pieces.length ?? section?.layers.length ?? 0);
    const piece = junction?.pieces.find((one) => one.key === own.layer) ?? junction?.pieces[on - 1] ?? null;
    // The newest on, or, before anything was laid by hand, the last that is fastened.
    const newest = own.on
        ? section?.layers[on - 1]
        : section?.layers.filter((one) => one.fastenerLine.length > 0).pop();
    const layer = section?.layers.find((one) => one.key === own.layer) ?? newest ?? null;
    const go = (next: { view?: View; edge?: string; corner?: string; round?: boolean }) => {
        const to = next.view ?? view;
        if (next.edge) setPick({ kind: 'edge', id: next.edge });
        const round = next.round ?? inRound;
        const which =
            to === 'corners'
                ? { corner: next.corner ?? corner, flat: round ? null : 'yes' }
                : { edge: next.edge ?? params.get('edge') };
        setParams(
            Object.fromEntries(Object.entries({ ...which, view: to }).filter(([, value]) => value)) as Record<
                string,
                string
            >,
            { replace: true },
        );
    };
    const Corner = inRound ? JunctionSpace : JunctionDrawing;
    if (slice && slice.edges.length === 0) {
        return (
            <>
                <main className="deck">
                    <p className="sheet">
                        {t('edges.none')} <Link to={`/jobs/${job.id}/survey`}>{t('layout.to-survey')}</Link>
                    </p>
                </main>
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{t('edges.title')}</h1>
                </aside>
            </>
        );
    }
    const head = (
        <div className="deck-head">
            {VIEWS.map((one) => (
                <button
                    key={one}
                    type="button"
                    className="chip"
                    aria-pressed={one === view}
                    onClick={() => go({ view: one })}
                >
                    {t(`edges.view.${one}`)}
                </button>
            ))}
            <span className="spacer" />
            {slice && view === 'corners' && junction && (
                <TextField
                    select
                    label={t('edges.corner')}
                    value={junction.id}
                    fullWidth={false}
                    sx={{ minWidth: 260, maxWidth: '100%' }}
                    onChange={(event) => go({ corner: event.target.value })}
                >
                    {slice.junctions.map((one) => (
                        <MenuItem key={one.id} value={one.id}>
                            {one.name}
                        </MenuItem>
                    ))}
                </TextField>
            )}
            {slice && section && view !== 'corners' && (
                <TextField
                    select
                    label={t('edges.pick')}
                    value={section.edge}
                    fullWidth={false}
                    sx={{ minWidth: 260, maxWidth: '100%' }}
                    onChange={(event) => go({ edge: event.target.value })}
                >
                    {slice.edges.map((edge) => (
                        <MenuItem key={edge.id} value={edge.id}>
                            {edge.name}
                        </MenuItem>
                    ))}
                </TextField>
            )}
        </div>
    );
    if (view === 'ends') return <EndsView head={head} edge={section?.edge ?? null} />;
    if (view === 'sticks') return <SticksView head={head} edge={section?.edge ?? null} />;
    return (
        <>
            <main className="deck">
                {head}
                {!slice && (
                    <p className="muted" role="status">
                        {t('loading')}
                    </p>
                )}
                {section && view === 'section' && (
                    <>
                        <SectionDrawing
                            section={section}
                            on={on}
                            picked={layer?.key ?? null}
                            onPick={(key) => setShown({ ...own, layer: key })}
                        />
                        <LayerSlider
                            label={t('edges.layers-on')}
                            count={section.layers.length}
                            on={on}
                            onChange={(next) => setShown({ edge: section.edge, on: next })}
                        />
                        <p className="muted small">{t('edges.to-scale')}</p>
                    </>
                )}
                {slice && view === 'corners' && slice.junctions.length === 0 && (
                    <p className="sheet">{t('edges.corners-none')}</p>
                )}
                {junction && (
                    <>
                        <div className="rowed">
                            {[true, false].map((round) => (
                                <button
                                    key={String(round)}
                                    type="button"
                                    className="chip"
                                    aria-pressed={round === inRound}
                                    onClick={() => go({ round })}
                                >
                                    {t(round ? 'edges.in-round' : 'edges.sheet')}
                                </button>
                            ))}
                        </div>
                        <Corner
                            key={junction.id}
                            junction={junction}
                            on={on}
                            picked={piece?.key ?? null}
                            onPick={(key) => setShown({ ...own, layer: key })}
                        />
                        <LayerSlider
                            label={t('edges.pieces-on')}
                            count={junction.pieces.length}
                            on={on}
                            onChange={(next) => setShown({ edge: junction.id, on: next })}
                        />
                        <p className="muted small">{t(inRound ? 'edges.turned' : 'edges.unfolded')}</p>
                    </>
                )}
                {slice && view === 'roof' && (
                    <EdgePlan
                        slice={slice}
                        picked={section?.edge ?? null}
                        onPick={(edge) => go({ edge })}
                        onCorner={(id) => go({ view: 'corners', corner: id })}
                    />
                )}
                {slice && view === 'schedule' && (
                    <EdgeSchedule
                        slice={slice}
                        picked={section?.edge ?? null}
                        onPick={(edge) => go({ edge, view: 'section' })}
                    />
                )}
            </main>
            {junction ? (
                <JunctionBench
                    junction={junction}
                    on={on}
                    picked={piece?.key ?? null}
                    onPick={(key) => setShown({ ...own, layer: key })}
                />
            ) : section && view !== 'corners' ? (
                <EdgesBench
                    key={section.edge}
                    section={section}
                    on={on}
                    picked={layer?.key ?? null}
                    onPick={(key) => setShown({ ...own, layer: key })}
                />
            ) : (
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{t('edges.title')}</h1>
                </aside>
            )}
            {section && layer && view !== 'corners' && (
                <TapeStrip
                    title={
                        layer.fastenerLine.length === 0
                            ? t('edges.tape-none')
                            : t(layer.perPan ? 'edges.tape-pan' : 'edges.tape', { layer: layer.name })
                    }
                    hint={
                        layer.fastenerLine.length > 0
                            ? t('edges.tape-hint', { count: layer.fastenerLine.length })
                            : undefined
                    }
                    from={0}
                    to={layer.perPan ? Math.max(...layer.fastenerLine) + 1 : section.length}
                    marks={layer.fastenerLine.map((at) => ({ at, tone: 'ink' as const }))}
                />
            )}
        </>
    );
}
