import { beside } from '../words/lists';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from '../parts/router';
import { call } from '../api/client';
import { FieldForm } from './FieldForm';

/** The end of a link for a forgotten password: choose a new one. */
export default function Reset() {
    const { t } = useTranslation();
    const { token = '' } = useParams();
    const client = useQueryClient();
    const go = useNavigate();
    const offer = useQuery({
        queryKey: ['reset', token],
        queryFn: () => call<{ name: string; email: string }>('GET', `resets/${token}`),
        retry: false,
    });
    if (offer.isPending)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    if (offer.isError)
        return (
            <main className="narrow">
                <h1>{t('reset.gone')}</h1>
                <p>{t('reset.gone-text')}</p>
            </main>
        );
    return (
        <main className="narrow stack">
            <title>{beside(t, [t('reset.title'), 'Imbrex'])}</title>
            <h1>{t('reset.title')}</h1>
            <p className="muted">{`${offer.data.name}, ${offer.data.email}`}</p>
            <div className="sheet">
                <FieldForm
                    fields={[
                        {
                            name: 'password',
                            label: t('field.new-password'),
                            type: 'password',
                            autoComplete: 'new-password',
                        },
                    ]}
                    action={t('reset.action')}
                    onSend={async (values) => {
                        await call('POST', `resets/${token}`, values);
                        client.clear();
                        await go('/jobs');
                    }}
                />
            </div>
        </main>
    );
}
