import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useSearchParams } from 'react-router';
import type { SurveySlice } from '../../api/contract';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { addPlane, freshId } from '../../job/edits';
import type { Quantity } from './quantities';
import { SurveyBench } from './SurveyBench';
import { SurveyDrawing } from './SurveyDrawing';
import { SurveyTape } from './SurveyTape';

/** Is it measured well enough to order? */
export default function SurveyStation() {
    const { t } = useTranslation();
    const job = useJob();
    const [params, setParams] = useSearchParams();
    const [quantity, setQuantity] = useState<Quantity>('eaveToRidge');
    const slice = usePlanSlice<SurveySlice>(job.id, 'survey', job.revision);
    const { planes } = job.document.roof;
    const plane = planes.find((one) => one.id === params.get('plane')) ?? planes[0];
    const survey = slice.data?.planes.find((one) => one.id === plane?.id);
    const pick = (id: string) => setParams({ plane: id }, { replace: true });

    const add = (behind: boolean) => {
        const id = freshId('P', planes.map((one) => one.id));
        const name = behind ? t('survey.other-side-of', { plane: plane.name }).slice(0, 120) : t('survey.plane-number', { number: planes.length + 1 });
        job.edit((d) => addPlane(d, { id, name, edges: ['eave', 'rake', 'ridge', 'rake'], readings: [], ...(behind ? { ridgeWith: plane.id } : {}) }));
        pick(id);
    };

    return (
        <>
            <main className="deck">
                <div className="deck-head">
                    {planes.map((one) => (
                        <button key={one.id} type="button" className="chip" aria-pressed={one.id === plane?.id} onClick={() => pick(one.id)}>{one.name}</button>
                    ))}
                    {job.mayChange && <button type="button" className="chip" onClick={() => add(false)}>{t('survey.add-plane')}</button>}
                    {job.mayChange && plane && !plane.ridgeWith && !planes.some((one) => one.ridgeWith === plane.id) && (
                        <button type="button" className="chip" onClick={() => add(true)}>{t('survey.add-behind')}</button>
                    )}
                    <span className="spacer" />
                    <span className="muted">{t('survey.longest-orders')}</span>
                </div>
                {plane ? <SurveyDrawing plane={plane} survey={survey} quantity={quantity} onPick={setQuantity} /> : <p className="muted">{t('survey.no-plane')}</p>}
            </main>
            {plane && <SurveyBench key={plane.id} plane={plane} survey={survey} quantity={quantity} onPick={setQuantity} />}
            {plane && <SurveyTape quantity={quantity} survey={survey} />}
        </>
    );
}
