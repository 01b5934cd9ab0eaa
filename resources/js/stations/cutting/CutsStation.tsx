import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import type { BenchSlice } from './BenchSlice';
import { useNextCards } from './useNextCards';
import { useJob } from '../../job/JobContext';
import { usePick } from '../../job/PickContext';
import { StationFrame } from '../../kit/StationFrame';
import { ArmsLength } from './ArmsLength';
import { CardDrawing } from './CardDrawing';
import { CutsBench } from './CutsBench';
import { CutsTape } from './CutsTape';
import { PieceSteps } from './PieceSteps';
import { PieceList } from './PieceList';

/** How a piece is marked. */
export default function CutsStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [params, setParams] = useSearchParams();
    const { pick: picked, setPick } = usePick();
    const list = usePlanSlice(job.id, 'cuts', job.revision).data;
    const wanted = params.get('piece') ?? picked?.panel;
    const card = usePlanSlice(job.id, 'piece', job.revision, wanted).data?.card;
    const at = list?.panels.findIndex((panel) => panel.id === card?.back.panel) ?? -1;
    useNextCards(list, at);
    const pick = (id: string | undefined) => {
        const face = list?.panels.find((one) => one.id === id)?.face;
        if (!id || !face) return;
        setParams({ piece: id }, { replace: true });
        setPick({ kind: 'face', id: face, panel: id });
    };
    if (!list || !card || at < 0)
        return (
            <StationFrame
                title={t('station.cuts')}
                isHere={list !== undefined && card !== undefined}
                none={t('layout.no-face')}
                toSurvey
            />
        );
    return <CardAtWork slice={{ ...list, card }} at={at} onPick={pick} />;
}

interface CardAtWorkProps {
    slice: BenchSlice;
    /** Which of the panels it is of. */
    at: number;
    onPick: (id: string | undefined) => void;
}

function CardAtWork({ slice, at, onPick }: CardAtWorkProps) {
    const { t } = useTranslation();
    const [back, setBack] = useState(true);
    const [taping, setTaping] = useState(false);
    // There the two lengths, the next piece and its other side stand together.
    const phone = useMediaQuery('(max-width: 1023px)', { noSsr: true });
    const { panels, card } = slice;
    const [panel, next] = [panels[at], panels[at + 1]];
    useHotkeys('f', () => setBack(!back), [back]);
    useHotkeys('j', () => onPick(panels[at + 1]?.id), [at, panels]);
    useHotkeys('k', () => onPick(panels[at - 1]?.id), [at, panels]);
    const view = back ? card.back : card.face;
    const steps = (
        <PieceSteps
            panel={panel}
            back={back}
            onFlip={() => setBack(!back)}
            onNext={next ? () => onPick(next.id) : null}
            onTape={phone && card.edges.length > 0 ? () => setTaping(true) : null}
        />
    );
    return (
        <StationFrame
            title={t('station.cuts')}
            isHere
            deckStyle={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}
            bench={
                <CutsBench
                    slice={slice}
                    view={view}
                    panel={panel}
                    onPick={onPick}
                    steps={phone ? null : steps}
                    taping={taping}
                    onTaping={setTaping}
                />
            }
            tape={<CutsTape view={view} />}
        >
            {phone && <ArmsLength view={view} back={back} piece={panel.name} steps={steps} />}
            <PieceList slice={slice} picked={panel.id} onPick={onPick} />
            <CardDrawing view={view} back={back} panel={panel} concealed={slice.concealed} />
        </StationFrame>
    );
}
