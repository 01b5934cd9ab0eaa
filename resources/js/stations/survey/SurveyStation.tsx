import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useSearchParams } from '../../parts/router';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { later } from '../../parts/later';
import { usePick } from '../../job/PickContext';
import { freshId } from '../../job/edits';
import { addPlane, putBehind, sharedBehind } from './edits';
import { blocksOf, planesOf } from '../../job/roofEdits';
import { BlocksTaped } from './BlocksTaped';
import { GaugeLine } from '../../readings/GaugeLine';
import { Progress } from './Progress';
import { hasPlace, namesFor, partsOf, type Name, type Shape } from './quantities';
import { SurveyBench } from './SurveyBench';
import { SurveyDrawing } from './SurveyDrawing';
import { SurveyTape } from './SurveyTape';
import { useUsualEdges } from './useUsualEdges';

const BringIn = later('bring-in', () => import('./BringIn'));

const OFFERED: Shape[] = ['rectangle', 'trapezoid', 'triangle', 'parallelogram', 'ell', 'free'];

/** Is it measured well enough to order? */
export default function SurveyStation() {
    const { t } = useTranslation();
    const job = useJob();
    const { pick: picked, setPick } = usePick();
    const [params, setParams] = useSearchParams();
    const [wanted, setWanted] = useState<Name>('eaveToRidge');
    const [adding, setAdding] = useState<HTMLElement | null>(null);
    const location = useLocation();
    // The file a job was begun with.
    const [drawing] = useState<File | undefined>((location.state as { drawing?: File } | null)?.drawing);
    const [bringing, setBringing] = useState(drawing !== undefined);
    const slice = usePlanSlice(job.id, 'survey', job.revision);
    const usualEdges = useUsualEdges();
    const planes = planesOf(job.document);
    const plane =
        planes.find((plane) => plane.id === params.get('plane')) ??
        planes.find((plane) => picked?.kind === 'face' && plane.id === picked.id) ??
        planes[0];
    const survey = slice.data?.planes.find((one) => one.id === plane?.id);
    const corners = plane?.edges?.length ?? 4;
    // Sent here to see one quantity.
    const asked = params.get('measure') ?? '';
    const isKnown =
        plane !== undefined && (/^between-\d+-\d+$/.test(asked) || namesFor(plane, corners).includes(asked));
    const [answered, setAnswered] = useState('');
    if (isKnown && asked !== answered) {
        setAnswered(asked);
        setWanted(asked);
    }
    const parts = partsOf(wanted);
    const name =
        Math.max(parts.corner ?? 0, parts.to ?? 0) >= corners ||
        (plane?.shape && ['ell', 'free'].includes(plane.shape) && hasPlace(wanted) && wanted !== 'pitch')
            ? 'eave'
            : wanted;
    // Nothing measured and nothing described: both ways are open.
    const untouched =
        blocksOf(job.document).length === 0 && planes.every((plane) => !plane.readings?.length && !plane.outline);
    const pick = (id: string) => {
        setParams({ plane: id }, { replace: true });
        setPick({ kind: 'face', id });
    };

    const other = planes.find((one) => one.id !== plane?.id && slice.data?.progress.missing.includes(one.id));
    const beyond = other && {
        label: t('survey.next-plane', { plane: other.name }),
        go: () => {
            pick(other.id);
            setWanted('eaveToRidge');
        },
    };

    const add = (shape: Shape, behind: boolean) => {
        setAdding(null);
        const id = freshId(
            'P',
            planes.map((plane) => plane.id),
        );
        const own = behind
            ? t('survey.other-side-of', { plane: plane.name }).slice(0, 120)
            : t('survey.plane-number', { number: planes.length + 1 });
        job.edit((d) => {
            const added = addPlane(d, {
                id,
                name: own,
                ...(shape === 'rectangle' ? {} : { shape }),
                edges: usualEdges(shape),
                readings: [],
                ...(behind ? sharedBehind(plane) : {}),
            });
            return behind ? putBehind(added, id, plane.id) : added;
        });
        pick(id);
    };

    return (
        <>
            <main className="deck">
                <div className="deck-head">
                    {planes.map((one) => (
                        <button
                            key={one.id}
                            type="button"
                            className="chip"
                            aria-pressed={one.id === plane?.id}
                            onClick={() => pick(one.id)}
                        >
                            {one.name}
                        </button>
                    ))}
                    {job.mayChange && (
                        <button
                            type="button"
                            className="chip"
                            aria-haspopup="menu"
                            onClick={(event) => setAdding(event.currentTarget)}
                        >
                            {t('survey.add-plane')}
                        </button>
                    )}
                    <Menu open={adding !== null} anchorEl={adding} onClose={() => setAdding(null)}>
                        {OFFERED.map((shape) => (
                            <MenuItem key={shape} onClick={() => add(shape, false)}>
                                {t(`shape.${shape}`)}
                            </MenuItem>
                        ))}
                    </Menu>
                    {job.mayChange &&
                        plane &&
                        !plane.ridgeWith &&
                        (plane.shape ?? 'rectangle') === 'rectangle' &&
                        !planes.some((one) => one.ridgeWith === plane.id) && (
                            <button type="button" className="chip" onClick={() => add('rectangle', true)}>
                                {t('survey.add-behind')}
                            </button>
                        )}
                    <span className="spacer" />
                    {job.mayChange && (
                        <Button variant="outlined" color="inherit" onClick={() => setBringing(true)}>
                            {t('bring.open')}
                        </Button>
                    )}
                </div>
                <Progress slice={slice.data} planes={planes} blocks={blocksOf(job.document)} onPick={pick} />
                {job.mayChange && untouched && (
                    <p className="muted" style={{ padding: '0 0 4px' }}>
                        {t('survey.or-blocks')} <Link to={`/jobs/${job.id}/roof`}>{t('survey.to-blocks')}</Link>
                    </p>
                )}
                {job.mayChange && <GaugeLine waiting={name === 'pitch' ? 'pitch' : 'length'} />}
                {plane ? (
                    <SurveyDrawing key={plane.id} plane={plane} survey={survey} quantity={name} onPick={setWanted} />
                ) : blocksOf(job.document).length > 0 ? (
                    <BlocksTaped />
                ) : (
                    <p className="sheet">{t('survey.no-plane')}</p>
                )}
            </main>
            {plane ? (
                <SurveyBench
                    key={plane.id}
                    plane={plane}
                    survey={survey}
                    name={name}
                    onPick={setWanted}
                    beyond={beyond}
                />
            ) : (
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{t('station.survey')}</h1>
                    {blocksOf(job.document).length > 0 && (
                        <>
                            <p className="muted">{t('survey.blocks-only')}</p>
                            <h2>{t('mind')}</h2>
                            <p className="caution">{t('caution.survey')}</p>
                        </>
                    )}
                </aside>
            )}
            {plane && <SurveyTape name={name} survey={survey} />}
            {bringing && <BringIn onClose={() => setBringing(false)} drawing={drawing} />}
        </>
    );
}
