import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { useNavigate } from '../parts/router';
import { useNewest } from '../api/queries';
import { useJob } from '../job/JobContext';
import { usePick } from '../job/PickContext';
import type { Refused } from '../job/refusals';
import { ChangeLine } from './ChangeLine';

/** What stands between the job on this screen and the job as it is kept: said above every station, until it is settled. */
export function Notices() {
    const { t } = useTranslation();
    const job = useJob();
    return (
        <div className="notices">
            {job.archived && (
                <div className="finding" data-severity="note" role="status">
                    {t('job.archived')}
                </div>
            )}
            {job.state === 'offline' && (
                <div className="finding" data-severity="settle" role="status">
                    {t('save.offline-numbers', { revision: job.revision })}
                </div>
            )}
            {job.state === 'failed' && (
                <div className="finding" data-severity="block" role="alert">
                    {t('save.failed-text', { revision: job.revision })}
                </div>
            )}
            {job.state === 'refused' && (
                <div className="finding" data-severity="block" role="alert" aria-label={t('save.refused.title')}>
                    <b>{t('save.refused.title')}</b> {t('save.refused.text', { revision: job.revision })}
                    {job.refused.map((refused, i) => (
                        <OneRefused key={i} refused={refused} />
                    ))}
                </div>
            )}
            <Newer />
        </div>
    );
}

/** One entry that was not taken: its fault, the way to it, and the way back from it alone. */
function OneRefused({ refused }: { refused: Refused }) {
    const { t } = useTranslation();
    const job = useJob();
    const go = useNavigate();
    const { setPick } = usePick();
    const where = whereIs(refused, job.document);
    return (
        <div className="rowed">
            <span style={{ flex: '1 1 260px' }}>{refused.message}</span>
            {where && (
                <Button
                    size="small"
                    color="inherit"
                    variant="outlined"
                    onClick={() => {
                        if (where.pick) setPick(where.pick);
                        void go(`/jobs/${job.id}/${where.to}`);
                    }}
                >
                    {t('save.refused.show')}
                </Button>
            )}
            {refused.place.length > 0 && (
                <Button
                    size="small"
                    color="inherit"
                    variant="outlined"
                    onClick={() => job.session.takeBack(refused)}
                    aria-label={t('save.refused.take-back-this', { message: refused.message })}
                >
                    {t('save.refused.take-back')}
                </Button>
            )}
        </div>
    );
}

/** Somebody else's plan is newer: said before one works on against it. */
function Newer() {
    const { t } = useTranslation();
    const job = useJob();
    const newest = useNewest(job.id, job.state !== 'stale').data;
    if (!newest || newest.number <= job.revision || (job.state !== 'saved' && job.state !== 'read-only')) return null;
    return (
        <div className="finding rowed" data-severity="settle" role="status">
            <span style={{ flex: '1 1 260px' }}>
                {t('save.newer', { author: newest.author, revision: newest.number })}{' '}
                <ChangeLine change={newest.change} />
            </span>
            <Button size="small" color="inherit" variant="outlined" onClick={() => void job.session.takeUp()}>
                {t('save.newer-show', { revision: newest.number })}
            </Button>
        </div>
    );
}

/** The station where what was refused is mended, and what to pick there. */
function whereIs(
    { place }: Refused,
    document: ReturnType<typeof useJob>['document'],
): { to: string; pick?: { kind: 'block' | 'face'; id: string } } | null {
    const [part, list, thing, , reading] = place.map((step) => ('id' in step ? step.id : step.field));
    if (part === 'roof' && list === 'planes' && thing) {
        const plane = document.roof.planes?.find((one) => one.id === thing);
        const quantity = plane?.readings?.find((one) => one.id === reading);
        const measure = quantity
            ? `&measure=${[quantity.quantity, quantity.corner, quantity.to].filter((one) => one !== undefined).join('-')}`
            : '';
        return { to: `survey?plane=${thing}${measure}`, pick: { kind: 'face', id: thing } };
    }
    if (part === 'roof')
        return { to: 'roof', ...(list === 'blocks' && thing ? { pick: { kind: 'block', id: thing } } : {}) };
    if (part === 'openings') {
        const face = document.openings?.find((one) => one.id === list)?.face;
        return { to: face ? `layout?face=${encodeURIComponent(face)}` : 'layout' };
    }
    if (part === 'layout') return { to: list ? `layout?face=${encodeURIComponent(list)}` : 'layout' };
    return part === 'cutting' ? { to: 'cuts' } : null;
}
