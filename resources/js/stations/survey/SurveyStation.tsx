import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { blocksOf } from '../../job/roofEdits';
import { StationFrame } from '../../kit/StationFrame';
import { later } from '../../parts/later';
import { Link, useLocation } from '../../parts/router';
import { GaugeLine } from '../../readings/GaugeLine';
import { BlocksTaped } from './BlocksTaped';
import { PlanesHead } from './PlanesHead';
import { Progress } from './Progress';
import { SurveyBench } from './SurveyBench';
import { SurveyDrawing } from './SurveyDrawing';
import { SurveyTape } from './SurveyTape';
import type { Name } from './quantities';
import { useMeasuring } from './useMeasuring';

const BringIn = later('bring-in', () => import('./BringIn'));

/** Is it measured well enough to order? */
export default function SurveyStation() {
    const { t } = useTranslation();
    const job = useJob();
    const location = useLocation();
    // The file a job was begun with.
    const [drawing] = useState<File | undefined>((location.state as { drawing?: File } | null)?.drawing);
    const [bringing, setBringing] = useState(drawing !== undefined);
    const slice = usePlanSlice(job.id, 'survey', job.revision).data;
    const { planes, plane, survey, name, setWanted, pick, other } = useMeasuring(slice);
    const blocks = blocksOf(job.document);
    // Nothing measured and nothing described: both ways are open.
    const untouched = blocks.length === 0 && planes.every((one) => !one.readings?.length && !one.outline);
    const beyond = other && {
        label: t('survey.next-plane', { plane: other.name }),
        go: () => {
            pick(other.id);
            setWanted('eaveToRidge');
        },
    };
    return (
        <StationFrame
            title={t('station.survey')}
            head={<PlanesHead planes={planes} plane={plane} onPick={pick} onBringIn={() => setBringing(true)} />}
            isHere
            bench={
                plane ? (
                    <SurveyBench
                        key={plane.id}
                        plane={plane}
                        survey={survey}
                        name={name}
                        onPick={setWanted}
                        beyond={beyond}
                    />
                ) : (
                    blocks.length > 0 && <BlocksBench />
                )
            }
            tape={
                <>
                    {plane && <SurveyTape name={name} survey={survey} />}
                    {bringing && <BringIn onClose={() => setBringing(false)} drawing={drawing} />}
                </>
            }
        >
            <Progress slice={slice} planes={planes} blocks={blocks} onPick={pick} />
            {job.mayChange && <Ways name={name} untouched={untouched} />}
            {plane ? (
                <SurveyDrawing key={plane.id} plane={plane} survey={survey} quantity={name} onPick={setWanted} />
            ) : (
                <NoPlane hasBlocks={blocks.length > 0} />
            )}
        </StationFrame>
    );
}

/** How readings come: from a gauge that is held, or, where nothing was begun, from blocks instead. */
function Ways({ name, untouched }: { name: Name; untouched: boolean }) {
    const { t } = useTranslation();
    const job = useJob();
    return (
        <>
            {untouched && (
                <p className="muted" style={{ padding: '0 0 4px' }}>
                    {t('survey.or-blocks')} <Link to={`/jobs/${job.id}/roof`}>{t('survey.to-blocks')}</Link>
                </p>
            )}
            <GaugeLine waiting={name === 'pitch' ? 'pitch' : 'length'} />
        </>
    );
}

function NoPlane({ hasBlocks }: { hasBlocks: boolean }) {
    const { t } = useTranslation();
    return hasBlocks ? <BlocksTaped /> : <p className="sheet">{t('survey.no-plane')}</p>;
}

/** Of a roof of blocks alone: there is no plane to measure here. */
function BlocksBench() {
    const { t } = useTranslation();
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('station.survey')}</h1>
            <p className="muted">{t('survey.blocks-only')}</p>
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.survey')}</p>
        </aside>
    );
}
