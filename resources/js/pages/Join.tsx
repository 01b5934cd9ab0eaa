import { listed } from '../words/lists';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from '../parts/router';
import { call } from '../api/client';
import type { Role } from '../api/types';
import { FieldForm } from './FieldForm';

/** The end of an invitation's link: choose a name and a password. */
export default function Join() {
    const { t } = useTranslation();
    const { token = '' } = useParams();
    const client = useQueryClient();
    const go = useNavigate();
    const invitation = useQuery({
        queryKey: ['invitation', token],
        queryFn: () => call<{ crew: string; email: string; role: Role }>('GET', `invitations/${token}`),
        retry: false,
    });
    if (invitation.isPending)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    if (invitation.isError)
        return (
            <main className="narrow">
                <h1>{t('join.gone')}</h1>
                <p>{t('join.gone-text')}</p>
            </main>
        );
    return (
        <main className="narrow stack">
            <h1>{t('join.title', { crew: invitation.data.crew })}</h1>
            <p className="muted">{listed(t, [invitation.data.email, t(`role.${invitation.data.role}`)])}</p>
            <div className="sheet">
                <FieldForm
                    fields={[
                        { name: 'name', label: t('field.name'), autoComplete: 'name' },
                        {
                            name: 'password',
                            label: t('field.new-password'),
                            type: 'password',
                            autoComplete: 'new-password',
                        },
                    ]}
                    action={t('join.action')}
                    onSend={async (values) => {
                        await call('POST', `invitations/${token}`, values);
                        await client.invalidateQueries({ queryKey: ['session'] });
                        await go('/jobs');
                    }}
                />
            </div>
        </main>
    );
}
