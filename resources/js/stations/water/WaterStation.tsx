import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { Link } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import type { EaveShare } from '../../contracts/water';
import type { PlanPoint } from '../../contracts/plan';
import { useJob } from '../../job/JobContext';
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
    return (
        <>
            <main className="deck">
                <div className="deck-head">
                    {slice && !isDry && (
                        <button type="button" className="chip" aria-pressed={rain} onClick={() => setRain(!rain)}>
                            {t('water.rain-on')}
                        </button>
                    )}
                    {slice && !isDry && (
                        <button type="button" className="chip" aria-pressed={round} onClick={() => setRound(!round)}>
                            {t('water.round')}
                        </button>
                    )}
                    <span className="spacer" />
                    {slice && !isDry && <span className="muted">{t(round ? 'water.turned' : 'water.click')}</span>}
                </div>
                {!slice && (
                    <p className="muted" role="status">
                        {t('loading')}
                    </p>
                )}
                {isDry && (
                    <p className="sheet">
                        {t('water.none')} <Link to={`/jobs/${job.id}/survey`}>{t('layout.to-survey')}</Link>
                    </p>
                )}
                {slice && !isDry && round && <WaterRound slice={slice} path={drop ? (path ?? null) : null} />}
                {slice && !isDry && !round && (
                    <WaterDrawing
                        slice={slice}
                        rain={rain}
                        path={drop ? (path ?? null) : null}
                        drop={drop}
                        onDrop={setDrop}
                    />
                )}
            </main>
            {slice && !isDry ? (
                <WaterBench slice={slice} path={drop ? (path ?? null) : null} onEave={setEave} />
            ) : (
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{t('water.title')}</h1>
                </aside>
            )}
            {slice?.eave && <EaveTape eave={slice.eave} />}
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
