import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, Navigate, useSearchParams } from '../parts/router';
import { call } from '../api/client';
import { useSession } from '../api/queries';
import { FieldForm } from './FieldForm';

/** Only places within the application are returned to. */
function returnTo(wanted: string | null): string {
    return wanted !== null && /^\/(?![/\\])/.test(wanted) ? wanted : '/jobs';
}

export default function SignIn() {
    const { t } = useTranslation();
    const session = useSession();
    const client = useQueryClient();
    const [params] = useSearchParams();
    if (session.data?.user) return <Navigate to={returnTo(params.get('to'))} replace />;
    const enter = async (email: string, password: string) => {
        await call('POST', 'session', { email, password });
        await client.invalidateQueries({ queryKey: ['session'] });
    };
    const demo = session.data?.demo ?? [];
    return (
        <main className="narrow stack">
            <div>
                <h1 style={{ fontSize: 40, letterSpacing: '-0.02em' }}>Imbrex</h1>
                <p className="muted">{t('sign-in.claim')}</p>
            </div>
            <div className="sheet">
                <FieldForm
                    fields={[
                        { name: 'email', label: t('field.email'), type: 'email', autoComplete: 'username' },
                        {
                            name: 'password',
                            label: t('field.password'),
                            type: 'password',
                            autoComplete: 'current-password',
                        },
                    ]}
                    action={t('sign-in.action')}
                    onSend={({ email, password }) => enter(email, password)}
                />
                <p style={{ marginTop: 12 }}>
                    <Link to="/forgotten">{t('sign-in.forgotten')}</Link>
                </p>
            </div>
            {demo.length > 0 && (
                <section className="sheet" aria-label={t('sign-in.demo')}>
                    <h2 style={{ marginTop: 0 }}>{t('sign-in.demo')}</h2>
                    <div className="stack" style={{ gap: 8 }}>
                        {demo.map((account) => (
                            <Button
                                key={account.email}
                                variant="outlined"
                                color="inherit"
                                sx={{ justifyContent: 'space-between' }}
                                onClick={() => void enter(account.email, account.password)}
                            >
                                <span>{account.name}</span>
                                <span className="muted">{t(`role.${account.role}`)}</span>
                            </Button>
                        ))}
                    </div>
                </section>
            )}
        </main>
    );
}
