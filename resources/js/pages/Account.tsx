import { listed } from '../words/lists';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { call } from '../api/client';
import { useSession } from '../api/queries';
import { useLeaving } from '../shell/useLeaving';
import { FieldForm } from './FieldForm';
import { PageHead } from './PageHead';

export default function Account() {
    const { t } = useTranslation();
    const user = useSession().data?.user;
    const { leave, dialog } = useLeaving();
    const [changed, setChanged] = useState(0);
    return (
        <main className="page" style={{ maxWidth: 620 }}>
            <PageHead title={t('account.title')} />
            <p className="muted" style={{ marginBottom: 14 }}>
                {user && listed(t, [user.name, user.email, t(`role.${user.role}`)])}
            </p>
            <section className="sheet">
                <h2 style={{ marginTop: 0 }}>{t('account.password')}</h2>
                <FieldForm
                    key={changed}
                    fields={[
                        {
                            name: 'current',
                            label: t('field.current-password'),
                            type: 'password',
                            autoComplete: 'current-password',
                        },
                        {
                            name: 'password',
                            label: t('field.new-password'),
                            type: 'password',
                            autoComplete: 'new-password',
                        },
                    ]}
                    action={t('account.change-password')}
                    onSend={async (values) => {
                        await call('PUT', 'password', values);
                        setChanged(changed + 1);
                    }}
                />
                {changed > 0 && (
                    <p className="good" role="status" style={{ marginTop: 10 }}>
                        {t('account.password-changed')}
                    </p>
                )}
            </section>
            <section className="sheet stack">
                <h2 style={{ margin: 0 }}>{t('account.sessions')}</h2>
                <p className="muted">{t('account.sessions-text')}</p>
                <Button variant="outlined" color="inherit" onClick={() => leave(true)}>
                    {t('account.sign-out-everywhere')}
                </Button>
            </section>
            <p className="muted small">
                <a href="/build/notices.txt">{t('account.notices')}</a>
            </p>
            {dialog}
        </main>
    );
}
