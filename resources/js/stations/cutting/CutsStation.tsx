import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
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
    const [back, setBack] = useState(true);
    const [taping, setTaping] = useState(false);
    // There the two lengths, the next piece and its other side stand together.
    const phone = useMediaQuery('(max-width: 1023px)', { noSsr: true });
    const { pick: picked, setPick } = usePick();
    const slice = usePlanSlice(job.id, 'cuts', job.revision, params.get('piece') ?? picked?.panel).data;
    const panels = slice?.panels ?? [];
    const card = slice?.card ?? null;
    const at = panels.findIndex((panel) => panel.id === card?.back.panel);
    const panel = panels[at];
    const pick = (id: string | undefined) => {
        const face = panels.find((one) => one.id === id)?.face;
        if (!id || !face) return;
        setParams({ piece: id }, { replace: true });
        setPick({ kind: 'face', id: face, panel: id });
    };
    useHotkeys('f', () => setBack(!back), [back]);
    useHotkeys('j', () => pick(panels[at + 1]?.id), [at, panels]);
    useHotkeys('k', () => pick(panels[at - 1]?.id), [at, panels]);
    const view = card && (back ? card.back : card.face);
    const steps = panel && (
        <PieceSteps
            panel={panel}
            back={back}
            onFlip={() => setBack(!back)}
            onNext={panels[at + 1] ? () => pick(panels[at + 1].id) : null}
            onTape={phone && card?.edges.length ? () => setTaping(true) : null}
        />
    );
    return (
        <StationFrame
            title={t('station.cuts')}
            isHere={slice !== undefined}
            none={panel ? null : t('layout.no-face')}
            toSurvey
            deckStyle={panel && { flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}
            bench={
                view &&
                panel &&
                slice && (
                    <CutsBench
                        slice={slice}
                        view={view}
                        panel={panel}
                        onPick={pick}
                        steps={phone ? null : steps}
                        taping={taping}
                        onTaping={setTaping}
                    />
                )
            }
            tape={view && <CutsTape view={view} />}
        >
            {phone && view && panel && <ArmsLength view={view} back={back} piece={panel.name} steps={steps} />}
            {slice && panel && <PieceList slice={slice} picked={panel.id} onPick={pick} />}
            {view && panel && slice && (
                <CardDrawing view={view} back={back} panel={panel} concealed={slice.concealed} />
            )}
        </StationFrame>
    );
}
