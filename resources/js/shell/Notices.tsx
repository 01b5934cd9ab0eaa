import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from '../parts/router';
import { useNewest } from '../api/queries';
import { useFacts } from '../job/FactContext';
import { useJob } from '../job/JobContext';
import { usePick } from '../job/PickContext';
import type { Refused } from '../job/refusals';
import { mendedAt } from '../stations/mending';
import { useStations } from '../stations/stations';
import { ChangeLine } from './ChangeLine';
import { useSaveState } from './useSaveState';

/** What stands between the job on this screen and the job as it is kept: said above every station, until it is settled. */
export function Notices() {
    const { t } = useTranslation();
    const job = useJob();
    const state = useSaveState();
    const { refused } = useFacts();
    return (
        <div className="notices">
            {job.archived && (
                <div className="finding" data-severity="note" role="status">
                    {t('job.archived')}
                </div>
            )}
            {state === 'offline' && (
                <div className="finding" data-severity="settle" role="status">
                    {t('save.offline-numbers', { revision: job.revision })}
                </div>
            )}
            {state === 'failed' && (
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
            {refused.length > 0 && (
                <div className="finding" data-severity="block" role="alert">
                    <b>{t('facts.refused')}</b> {refused.join(' ')}
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
    const where = mendedAt(useStations(), refused.place, job.document);
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
                        void go(`/jobs/${job.id}/${where.station.key}${where.query ? `?${where.query}` : ''}`);
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
    const { session } = useFacts();
    const newest = useNewest(job.id, job.state !== 'stale').data;
    useEffect(() => session.heard(newest?.facts ?? 0), [session, newest?.facts]);
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
