import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import type { EaveShare } from '../../contracts/water';
import type { PlanPoint } from '../../contracts/plan';
import { useJob } from '../../job/JobContext';
import { StationFrame } from '../../kit/StationFrame';
import { TapeStrip } from '../../tape/TapeStrip';
import { WaterBench } from './WaterBench';
import { WaterDrawing } from './WaterDrawing';
import { WaterRound } from './WaterRound';

/** Where does a drop go? */
export default function WaterStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [eave, setEave] = useState<string | null>(null);
    const [rain, setRain] = useState(false);
    const [round, setRound] = useState(false);
    const [drop, setDrop] = useState<PlanPoint | null>(null);
    const slice = usePlanSlice(job.id, 'water', job.revision, eave).data;
    const path = usePlanSlice(
        job.id,
        'drop',
        job.revision,
        drop && `${drop[0].toFixed(1)}_${drop[1].toFixed(1)}`,
        drop !== null,
    ).data;
    useHotkeys('escape', () => setDrop(null));
    useHotkeys('r', () => setRain((was) => !was));
    const isDry = slice !== undefined && slice.faces.length === 0;
    const wet = isDry ? undefined : slice;
    const run = drop ? (path ?? null) : null;
    return (
        <StationFrame
            title={t('water.title')}
            head={wet && <ViewsHead rain={rain} onRain={setRain} round={round} onRound={setRound} />}
            isHere={slice !== undefined}
            none={isDry ? t('water.none') : null}
            toSurvey
            bench={wet && <WaterBench slice={wet} path={run} onEave={setEave} />}
            tape={slice?.eave && <EaveTape eave={slice.eave} />}
        >
            {wet && round && <WaterRound slice={wet} path={run} />}
            {wet && !round && <WaterDrawing slice={wet} rain={rain} path={run} drop={drop} onDrop={setDrop} />}
        </StationFrame>
    );
}

interface ViewsHeadProps {
    rain: boolean;
    onRain: (rain: boolean) => void;
    round: boolean;
    onRound: (round: boolean) => void;
}

function ViewsHead({ rain, onRain, round, onRound }: ViewsHeadProps) {
    const { t } = useTranslation();
    return (
        <>
            <button type="button" className="chip" aria-pressed={rain} onClick={() => onRain(!rain)}>
                {t('water.rain-on')}
            </button>
            <button type="button" className="chip" aria-pressed={round} onClick={() => onRound(!round)}>
                {t('water.round')}
            </button>
            <span className="spacer" />
            <span className="muted">{t(round ? 'water.turned' : 'water.click')}</span>
        </>
    );
}

/** What each foot of an eave takes: alike stretches once, what comes at one place in chalk. */
function EaveTape({ eave }: { eave: EaveShare }) {
    const { t } = useTranslation();
    const { units } = useJob();
    return (
        <TapeStrip
            title={t('water.tape', { eave: eave.name, units })}
            hint={t('water.tape-hint', { units })}
            from={0}
            to={eave.length}
            room={84}
            marks={eave.stretches.map((one) => ({
                at: one.place ? one.from : (one.from + one.to) / 2,
                tone: one.place ? ('chalk' as const) : ('ink' as const),
                label: one.said,
                strong: one.place,
            }))}
        />
    );
}
