import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from '../parts/router';
import { call } from '../api/client';
import type { Member } from '../api/types';

/** What a crew does that has no job yet: look round in one that is worked through, say how they work, let their people in. */
export function FirstSteps({ may }: { may: Member['may'] }) {
    const { t } = useTranslation();
    const go = useNavigate();
    const [failed, setFailed] = useState(false);
    const sample = async () => {
        try {
            const { id } = await call<{ id: string }>('POST', 'jobs/sample');
            void go(`/jobs/${id}/survey`);
        } catch {
            setFailed(true);
        }
    };
    return (
        <section className="sheet" aria-label={t('first.title')}>
            <h2 style={{ marginTop: 0 }}>{t('first.title')}</h2>
            <ol className="first-steps">
                <li>
                    <p>{t('first.sample')}</p>
                    <Button variant="outlined" color="inherit" onClick={() => void sample()}>
                        {t('first.sample-open')}
                    </Button>
                    {failed && (
                        <p className="stop" role="alert">
                            {t('form.failed')}
                        </p>
                    )}
                </li>
                {(may.keepCatalogue || may.invite) && (
                    <li>
                        <p>{t(may.invite ? 'first.crew' : 'first.rules')}</p>
                        <Button component={Link} to="/crew" variant="outlined" color="inherit">
                            {t('first.crew-open')}
                        </Button>
                    </li>
                )}
                <li>
                    <p>{t('first.begin')}</p>
                </li>
            </ol>
        </section>
    );
}
