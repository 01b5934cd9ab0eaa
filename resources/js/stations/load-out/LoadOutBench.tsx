import Button from '@mui/material/Button';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, call } from '../../api/client';
import type { LoadOutSlice, PlanOrder } from '../../contracts/load-out';
import { useSession } from '../../api/queries';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { Len, Said } from '../../tape/Len';

interface ReleasedOrder {
    id: number;
    revision: number;
    releasedBy: string;
    releasedAt: string;
    order: PlanOrder;
    /** Whether the plan would order otherwise today. */
    changed: boolean;
}

/** Totals, files, and the release of the order. */
export function LoadOutBench({ slice }: { slice: LoadOutSlice }) {
    const { t } = useTranslation();
    const job = useJob();
    const client = useQueryClient();
    const mayRelease = useSession().data?.user?.may.release ?? false;
    const orders = useQuery({
        queryKey: ['orders', job.id, job.revision],
        placeholderData: keepPreviousData,
        queryFn: () => call<ReleasedOrder[]>('GET', `jobs/${job.id}/orders`),
    });
    const [fault, setFault] = useState<string | null>(null);
    const { order, system } = slice;
    const release = async () => {
        setFault(null);
        await job.session.flush();
        try {
            await call('POST', `jobs/${job.id}/orders`, {}, { 'If-Match': `"${job.revision}"` });
            await client.invalidateQueries({ queryKey: ['orders', job.id] });
        } catch (error) {
            setFault(error instanceof ApiError ? (error.message409 ?? t('form.failed')) : t('job.not-reached'));
        }
    };
    const newest = orders.data?.[0];
    const changed = newest?.changed;
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h2>{t('load.question')}</h2>
            <p className="muted" style={{ marginBottom: 8 }}>
                {t('load.how')}
            </p>
            <table className="plain" data-testid="totals">
                <tbody>
                    <tr>
                        <td>{t('order.sheets')}</td>
                        <td className="n">
                            <b>{order.pieces}</b>
                        </td>
                    </tr>
                    <tr>
                        <td>{t('order.metal')}</td>
                        <td className="n">
                            <b>{t('square-feet', { feet: order.squareFeet.toFixed(1) })}</b>
                        </td>
                    </tr>
                    <tr>
                        <td>{t('order.waste')}</td>
                        <td className="n">{t('square-feet', { feet: order.wasteSquareFeet.toFixed(1) })}</td>
                    </tr>
                    {system.concealed && (
                        <tr>
                            <td>{t('load.coil-width')}</td>
                            <td className="n">
                                <Len inches={order.coilWidth} inchesOnly />
                            </td>
                        </tr>
                    )}
                    {system.concealed && (
                        <tr>
                            <td>{t('load.coil-length')}</td>
                            <td className="n">{t('feet', { feet: Math.ceil(order.coilFeet - 1e-6) })}</td>
                        </tr>
                    )}
                    <tr>
                        <td>{t('order.weight')}</td>
                        <td className="n">{t('pounds', { pounds: Math.round(order.pounds) })}</td>
                    </tr>
                </tbody>
            </table>
            {slice.saving && (
                <p style={{ marginTop: 8 }}>
                    <Said text={t('pair.saving', slice.saving)} />
                </p>
            )}
            <div className="rowed" style={{ marginTop: 14 }}>
                <Button
                    variant="outlined"
                    color="inherit"
                    component="a"
                    href={`/api/jobs/${job.id}/files/cut-list.pdf`}
                    download
                >
                    {t('load.pdf')}
                </Button>
                <Button
                    variant="outlined"
                    color="inherit"
                    component="a"
                    href={`/api/jobs/${job.id}/files/cut-list.csv`}
                    download
                >
                    {t('load.csv')}
                </Button>
                <Button
                    variant="outlined"
                    color="inherit"
                    component="a"
                    href={`/api/jobs/${job.id}/files/job.json`}
                    download
                >
                    {t('load.json')}
                </Button>
            </div>
            <Findings findings={slice.findings} />
            <h3>{t('load.release-title')}</h3>
            {newest ? (
                <div className="finding" data-severity={changed ? 'settle' : 'note'}>
                    {t(changed ? 'load.changed-since' : 'load.released', {
                        revision: newest.revision,
                        by: newest.releasedBy,
                        sheets: newest.order.pieces,
                    })}
                </div>
            ) : (
                <p className="muted">{t('load.not-released')}</p>
            )}
            {mayRelease ? (
                <Button
                    variant="contained"
                    sx={{ mt: 1 }}
                    disabled={!slice.mayBeOrdered || job.state !== 'saved' || (newest !== undefined && !changed)}
                    onClick={() => void release()}
                >
                    {t('load.release', { sheets: order.pieces })}
                </Button>
            ) : (
                <p className="muted">{t('load.who-releases')}</p>
            )}
            {!slice.mayBeOrdered && order.pieces > 0 && (
                <p className="stop" style={{ marginTop: 6 }}>
                    {t('order.blocked')}
                </p>
            )}
            {fault && (
                <div className="finding" data-severity="block" role="alert" style={{ marginTop: 8 }}>
                    {fault}
                </div>
            )}
            <h3>{t('mind')}</h3>
            <p className="caution">{t('caution.load')}</p>
        </aside>
    );
}
