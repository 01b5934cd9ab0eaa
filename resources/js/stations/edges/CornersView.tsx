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
export function CornersView({ head, slice, place }: CornersViewProps) {
    const { t } = useTranslation();
    const { corner, go } = place;
    const first = slice?.junctions[0]?.id;
    useEffect(() => {
        if (!corner && first) go({ view: 'corners', corner: first });
    }, [corner, first, go]);
    if (!slice?.junction)
        return (
            <StationFrame
                title={t('edges.title')}
                head={head}
                isHere={slice !== undefined}
                none={first === undefined ? t('edges.corners-none') : null}
            />
        );
    return <CornerAtWork key={slice.junction.id} head={head} junction={slice.junction} place={place} />;
}

interface CornerAtWorkProps {
    head: ReactNode;
    junction: NonNullable<EdgesSlice['junction']>;
    place: EdgePlace;
}

function CornerAtWork({ head, junction, place: { inRound, go } }: CornerAtWorkProps) {
    const { t } = useTranslation();
    // How many pieces lie, and which of them is picked.
    const [shown, setShown] = useState<{ on: number; piece?: string }>({ on: Infinity });
    const { pieces } = junction;
    const on = Math.min(shown.on, pieces.length);
    const picked = (pieces.find((one) => one.key === shown.piece) ?? pieces[on - 1])?.key ?? null;
    const pick = (piece: string) => setShown({ ...shown, piece });
    const Corner = inRound ? JunctionSpace : JunctionDrawing;
    return (
        <StationFrame
            title={t('edges.title')}
            head={head}
            isHere
            bench={<JunctionBench junction={junction} on={on} picked={picked} onPick={pick} />}
        >
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
            <Corner junction={junction} on={on} picked={picked} onPick={pick} />
            <LayerSlider
                label={t('edges.pieces-on')}
                count={pieces.length}
                on={on}
                onChange={(next) => setShown({ on: next })}
            />
            <p className="muted small">{t(inRound ? 'edges.turned' : 'edges.unfolded')}</p>
        </StationFrame>
    );
}
