import { useEffect, useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { LayerSlider } from '../../bench/LayerSlider';
import type { EdgesSlice } from '../../contracts/edges';
import { Chips } from '../../kit/Chips';
import { StationFrame } from '../../kit/StationFrame';
import { JunctionBench } from './JunctionBench';
import { JunctionDrawing } from './JunctionDrawing';
import { JunctionSpace } from './JunctionSpace';
import type { EdgePlace } from './useEdgePlace';

interface CornersViewProps {
    head: ReactNode;
    slice: EdgesSlice | undefined;
    place: EdgePlace;
}

/** Where edges meet, piece on piece, in the round or unfolded. */
export function CornersView({ head, slice, place: { corner, inRound, go } }: CornersViewProps) {
    const { t } = useTranslation();
    const junction = slice?.junction ?? null;
    const first = slice?.junctions[0]?.id;
    useEffect(() => {
        if (!corner && first) go({ view: 'corners', corner: first });
    }, [corner, first, go]);
    // Of the corner that is shown: how many pieces lie, and which of them is picked.
    const [shown, setShown] = useState<{ of: string; on?: number; piece?: string }>({ of: '' });
    const own = shown.of === junction?.id ? shown : { of: junction?.id ?? '' };
    const pieces = junction?.pieces ?? [];
    const on = Math.min(own.on ?? Infinity, pieces.length);
    const picked = (pieces.find((one) => one.key === own.piece) ?? pieces[on - 1])?.key ?? null;
    const pick = (piece: string) => setShown({ ...own, piece });
    const Corner = inRound ? JunctionSpace : JunctionDrawing;
    return (
        <StationFrame
            title={t('edges.title')}
            head={head}
            isHere={slice !== undefined}
            none={slice?.junctions.length === 0 ? t('edges.corners-none') : null}
            bench={junction && <JunctionBench junction={junction} on={on} picked={picked} onPick={pick} />}
        >
            {junction && (
                <>
                    <div className="rowed">
                        <Chips
                            all={[
                                { key: 'round', name: t('edges.in-round') },
                                { key: 'sheet', name: t('edges.sheet') },
                            ]}
                            picked={inRound ? 'round' : 'sheet'}
                            onPick={(key) => go({ round: key === 'round' })}
                        />
                    </div>
                    <Corner key={junction.id} junction={junction} on={on} picked={picked} onPick={pick} />
                    <LayerSlider
                        label={t('edges.pieces-on')}
                        count={pieces.length}
                        on={on}
                        onChange={(next) => setShown({ of: junction.id, on: next })}
                    />
                    <p className="muted small">{t(inRound ? 'edges.turned' : 'edges.unfolded')}</p>
                </>
            )}
        </StationFrame>
    );
}
