import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { call } from '../../api/client';
import type { Plane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { planesOf } from '../../job/roofEdits';
import { takeIn } from './edits';
import { Faults, Planes } from './bringing';

export function FromReport({ onDone }: { onDone: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const [reference, setReference] = useState<string | null>(null);
    const offered = useQuery({
        queryKey: ['reports', job.id],
        queryFn: () => call<{ reference: string; name: string }[]>('GET', `jobs/${job.id}/reports`),
        retry: false,
        gcTime: 0,
    });
    const report = useQuery({
        queryKey: ['report', job.id, reference],
        queryFn: () => call<Plane[]>('GET', `jobs/${job.id}/reports/${reference}`),
        enabled: reference !== null,
        retry: false,
        gcTime: 0,
    });
    const known = planesOf(job.document).map((plane) => plane.name.toLowerCase());
    return (
        <div className="stack">
            <p className="muted">{t('bring.report-hint')}</p>
            {offered.isFetching && (
                <p role="status" className="muted">
                    {t('bring.asking')}
                </p>
            )}
            <Faults error={offered.error} onRetry={() => void offered.refetch()} />
            {offered.data?.map((one) => (
                <button
                    key={one.reference}
                    type="button"
                    className="card"
                    aria-pressed={one.reference === reference}
                    onClick={() => setReference(one.reference)}
                >
                    <span className="row">
                        <span>{one.name}</span>
                        <span className="muted">{one.reference}</span>
                    </span>
                </button>
            ))}
            {report.isFetching && (
                <p role="status" className="muted">
                    {t('bring.asking')}
                </p>
            )}
            <Faults error={report.error} onRetry={() => void report.refetch()} />
            {report.data && (
                <>
                    <Planes
                        planes={report.data}
                        note={(plane) =>
                            t(known.includes(plane.name.toLowerCase()) ? 'bring.joins' : 'bring.new', {
                                count: plane.readings?.length ?? 0,
                            })
                        }
                    />
                    <Button
                        variant="contained"
                        onClick={() => {
                            job.edit((d) => takeIn(d, report.data));
                            onDone();
                        }}
                    >
                        {t('bring.take')}
                    </Button>
                </>
            )}
        </div>
    );
}
