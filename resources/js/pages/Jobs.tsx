import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/client';
import { useJobs, useSession } from '../api/queries';
import { emptyJob } from '../job/edits';
import { FieldForm } from './FieldForm';
import { PageHead } from './PageHead';

/** The crew's jobs; a new one from nothing, or from a file exported before. */
export default function Jobs() {
    const { t } = useTranslation();
    const jobs = useJobs();
    const user = useSession().data?.user;
    const [adding, setAdding] = useState(false);
    return (
        <main className="page">
            <PageHead title={t('jobs.title')}>
                {user?.may.change && (
                    <Button variant="contained" onClick={() => setAdding(!adding)} aria-expanded={adding}>
                        {t('jobs.new')}
                    </Button>
                )}
            </PageHead>
            {adding && <NewJob />}
            {jobs.isPending && (
                <p className="muted" role="status">
                    {t('loading')}
                </p>
            )}
            {jobs.data?.length === 0 && <p className="sheet">{t('jobs.none')}</p>}
            <div
                className="sheet"
                style={{ padding: jobs.data?.length ? '4px 20px' : 0, border: jobs.data?.length ? undefined : 0 }}
            >
                <table className="plain">
                    <tbody>
                        {jobs.data?.map((job) => (
                            <tr key={job.id}>
                                <td style={{ fontSize: 18, padding: '12px 0' }}>
                                    <Link to={`/jobs/${job.id}/survey`} style={{ fontWeight: 680 }}>
                                        {job.name}
                                    </Link>
                                </td>
                                <td className="n muted">{t('jobs.plan', { revision: job.revision })}</td>
                                <td className="n muted">
                                    {new Date(job.savedAt).toLocaleString([], {
                                        month: 'short',
                                        day: 'numeric',
                                        hour: '2-digit',
                                        minute: '2-digit',
                                        hour12: false,
                                    })}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
        </main>
    );
}

function NewJob() {
    const { t } = useTranslation();
    const go = useNavigate();
    const [file, setFile] = useState<File | null>(null);
    return (
        <section className="sheet stack" aria-label={t('jobs.new')}>
            <FieldForm
                fields={[{ name: 'name', label: t('jobs.name') }]}
                action={t('jobs.begin')}
                onSend={async ({ name }) => {
                    const rules = (await call<{ rules: Record<string, number | string> }>('GET', 'crew')).rules;
                    const document = emptyJob(name.trim(), rules);
                    document.roof.planes![0].name = t('survey.first-plane');
                    const job = await call<{ id: string }>('POST', 'jobs', document);
                    await go(`/jobs/${job.id}/survey`);
                }}
            />
            <FieldForm
                fields={[]}
                action={t('jobs.read')}
                onSend={async () => {
                    if (!file) return;
                    const job = await call<{ id: string }>('POST', 'jobs', await file.text());
                    await go(`/jobs/${job.id}/survey`);
                }}
            >
                <label className="stack" style={{ gap: 4 }}>
                    <span>{t('jobs.file')}</span>
                    <input
                        type="file"
                        name="file"
                        accept="application/json,.json"
                        onChange={(event) => setFile(event.target.files?.[0] ?? null)}
                    />
                </label>
            </FieldForm>
        </section>
    );
}
