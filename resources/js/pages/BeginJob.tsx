import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from '../parts/router';
import { ApiError, call } from '../api/client';
import { emptyJob } from '../job/edits';
import { FieldForm } from './FieldForm';
import { FirstProfile, type Chosen } from './FirstProfile';

const WAYS = ['readings', 'blocks', 'file'] as const;

/** The three ways a job begins, each with what it needs. */
export function BeginJob() {
    const { t } = useTranslation();
    const go = useNavigate();
    const [way, setWay] = useState<(typeof WAYS)[number]>('readings');
    const [file, setFile] = useState<File | null>(null);
    const [profile, setProfile] = useState<Chosen>(null);
    const drawing = file !== null && /\.dxf$/i.test(file.name);

    const begin = async (name: string): Promise<string> => {
        const rules = (await call<{ rules: Record<string, number | string> }>('GET', 'crew')).rules;
        const plane = way === 'readings' ? t('survey.first-plane') : null;
        return (await call<{ id: string }>('POST', 'jobs', emptyJob(name, rules, plane, profile))).id;
    };
    const read = async (file: File) => {
        if (drawing) {
            const job = await begin(file.name.replace(/\.dxf$/i, '').slice(0, 120));
            return go(`/jobs/${job}/survey`, { state: { drawing: file } });
        }
        const job = await call<{ id: string }>('POST', 'jobs', await file.text());
        return go(`/jobs/${job.id}/survey`);
    };

    return (
        <section className="sheet stack" aria-label={t('jobs.new')}>
            <div className="ways" role="group" aria-label={t('jobs.how')}>
                {WAYS.map((one, i) => (
                    <button
                        key={one}
                        type="button"
                        autoFocus={i === 0}
                        className="card"
                        aria-pressed={one === way}
                        onClick={() => setWay(one)}
                    >
                        <span className="row">{t(`jobs.way.${one}`)}</span>
                        <span className="needs">{t(`jobs.needs.${one}`)}</span>
                    </button>
                ))}
            </div>
            {way === 'file' ? (
                <FieldForm
                    key="file"
                    fields={[]}
                    action={t('jobs.read')}
                    onSend={async () => {
                        if (file) await read(file);
                    }}
                >
                    <label className="stack" style={{ gap: 4 }}>
                        <span>{t('jobs.file')}</span>
                        <input
                            type="file"
                            name="file"
                            accept="application/json,.json,.dxf"
                            onChange={(event) => setFile(event.target.files?.[0] ?? null)}
                        />
                    </label>
                </FieldForm>
            ) : (
                <FieldForm
                    key="name"
                    fields={[{ name: 'name', label: t('jobs.name') }]}
                    action={t('jobs.begin')}
                    onSend={async ({ name }) => {
                        if (name.trim() === '')
                            throw new ApiError(422, { faults: [{ field: 'name', message: t('form.name') }] });
                        const job = await begin(name.trim());
                        await go(`/jobs/${job}/${way === 'blocks' ? 'roof' : 'survey'}`);
                    }}
                >
                    <FirstProfile chosen={profile} onChoose={setProfile} />
                </FieldForm>
            )}
        </section>
    );
}
