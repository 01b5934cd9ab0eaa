import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import type { OpeningPiece, OpeningsSlice, OpeningView } from '../../contracts/openings';
import { useJob } from '../../job/JobContext';
import { LayerSlider } from '../../bench/LayerSlider';
import { Chips } from '../../kit/Chips';
import { PickField } from '../../kit/PickField';
import { StationFrame } from '../../kit/StationFrame';
import { useParam } from '../../kit/useParam';
import { useJobTape } from '../../tape/JobTape';
import { TapeStrip } from '../../tape/TapeStrip';
import { OpeningAbove } from './OpeningAbove';
import { OpeningPlace } from './OpeningPlace';
import { OpeningRound } from './OpeningRound';
import { OpeningSection } from './OpeningSection';
import { OpeningsBench } from './OpeningsBench';
import { PieceFlat } from './PieceFlat';

const VIEWS = ['above', 'round', 'section', 'flat', 'place'] as const;
type View = (typeof VIEWS)[number];

/** How does water get round it? */
export default function OpeningsStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [params] = useSearchParams();
    const setParam = useParam();
    const slice = usePlanSlice(job.id, 'openings', job.revision, params.get('opening')).data;
    const opening = slice?.opening;
    const onOpening = (id: string) => setParam('opening', id);
    if (!opening)
        return (
            <StationFrame
                title={t('station.openings')}
                isHere={slice !== undefined}
                none={t('openings.none')}
                bench={<OpeningsBench slice={slice} piece={null} onPick={() => undefined} onOpening={onOpening} />}
            />
        );
    return <OpeningAtWork slice={slice} opening={opening} onOpening={onOpening} />;
}

interface OpeningAtWorkProps {
    slice: OpeningsSlice;
    opening: OpeningView;
    onOpening: (id: string) => void;
}

function OpeningAtWork({ slice, opening, onOpening }: OpeningAtWorkProps) {
    const { t } = useTranslation();
    const [params] = useSearchParams();
    const setParam = useParam();
    // A boot is one piece, and comes as it is.
    const views = VIEWS.filter((one) => opening.kind !== 'pipe' || one === 'above' || one === 'place');
    const view: View = views.find((one) => one === params.get('view')) ?? 'above';
    const { on, piece, pick, lay, leave } = useShownPieces(opening);
    const all = opening.pieces.length;
    const isBare = all === 0 && view !== 'place';
    const show = (next: View) => {
        // Flats open on a piece that has one; one without is shown where it is picked there.
        if (next === 'flat' && piece?.flat.length === 0) leave();
        setParam('view', next);
    };
    return (
        <StationFrame
            title={t('station.openings')}
            head={
                <>
                    <Chips
                        all={views.map((one) => ({ key: one, name: t(`openings.view.${one}`) }))}
                        picked={view}
                        onPick={show}
                    />
                    <span className="spacer" />
                    <PickField
                        label={t('openings.pick')}
                        value={opening.id}
                        all={slice.openings.map(({ id, name, faceName }) => ({ id, name: `${name} · ${faceName}` }))}
                        onPick={onOpening}
                    />
                </>
            }
            isHere
            none={isBare ? t('openings.no-pieces') : null}
            bench={<OpeningsBench slice={slice} piece={piece} onPick={pick} onOpening={onOpening} />}
            tape={piece && piece.marks.length > 0 && <PieceTape piece={piece} />}
        >
            {!isBare && <Deck view={view} opening={opening} on={on} piece={piece} onPick={pick} />}
            {all > 1 && isLaid(view) && (
                <>
                    <LayerSlider label={t('openings.pieces-on')} count={all} on={on} onChange={lay} />
                    <p className="muted small">{t(UNDER[view])}</p>
                </>
            )}
        </StationFrame>
    );
}

/** Of the opening that is shown: how many pieces are on, and which of them is picked. */
function useShownPieces(opening: OpeningView) {
    const [shown, setShown] = useState<{ of: string; on?: number; piece?: string }>({ of: '' });
    const own = shown.of === opening.id ? shown : { of: opening.id };
    const { pieces } = opening;
    const picked = pieces.find((one) => one.key === own.piece);
    return {
        on: Math.min(own.on ?? Infinity, pieces.length),
        piece: picked ?? pieces.find((one) => one.flat.length > 0) ?? pieces[0] ?? null,
        pick: (piece: string) => setShown({ ...own, piece }),
        lay: (next: number) => setShown({ of: opening.id, on: next, piece: pieces[next - 1]?.key }),
        leave: () => setShown({ ...own, piece: undefined }),
    };
}

/** What is said under a drawing whose pieces are laid one after the other. */
const UNDER = { above: 'openings.uphill-up', round: 'openings.turned', section: 'openings.to-scale' } as const;

const isLaid = (view: View): view is keyof typeof UNDER => view in UNDER;

interface DeckProps {
    view: View;
    opening: OpeningView;
    on: number;
    piece: OpeningPiece | null;
    onPick: (piece: string) => void;
}

function Deck({ view, opening, on, piece, onPick }: DeckProps) {
    const shared = { opening, on, picked: piece?.key ?? null, onPick };
    switch (view) {
        case 'round':
            return <OpeningRound key={opening.id} {...shared} />;
        case 'section':
            return <OpeningSection {...shared} />;
        case 'flat':
            return piece && <PieceFlat piece={piece} />;
        case 'place':
            return <OpeningPlace key={opening.id} opening={opening} />;
        default:
            return <OpeningAbove {...shared} />;
    }
}

/** Where the picked piece is cut, bent and notched along its low edge. */
function PieceTape({ piece }: { piece: OpeningPiece }) {
    const { t } = useTranslation();
    const tape = useJobTape();
    const along = [...new Map(piece.marks.map((mark) => [mark.at[0].toFixed(3), mark])).values()];
    return (
        <TapeStrip
            title={t('openings.tape', { piece: piece.name })}
            hint={t('openings.tape-hint', {
                length: tape(piece.length, 'nearest', true),
                width: tape(piece.width, 'nearest', true),
            })}
            from={0}
            to={piece.length}
            inchesOnly
            marks={along.map((mark) => ({
                at: mark.at[0],
                tone: mark.kind === 'bend' ? ('ink' as const) : ('chalk' as const),
                strong: mark.kind !== 'bend',
            }))}
        />
    );
}
