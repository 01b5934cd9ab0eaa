import { beside } from '../words/lists';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { call } from '../api/client';
import { useSession } from '../api/queries';
import { FieldForm } from './FieldForm';

/** A forgotten password: a link by mail, or where no mail is sent, who to ask for one. */
export default function Forgotten() {
    const { t } = useTranslation();
    const session = useSession();
    const [sent, setSent] = useState(false);
    return (
        <main className="narrow stack">
            <title>{beside(t, [t('forgotten.title'), 'Imbrex'])}</title>
            <h1>{t('forgotten.title')}</h1>
            {session.data && !session.data.mailed && <p>{t('forgotten.ask-owner')}</p>}
            {session.data?.mailed && !sent && (
                <div className="sheet">
                    <FieldForm
                        fields={[{ name: 'email', label: t('field.email'), type: 'email', autoComplete: 'username' }]}
                        action={t('forgotten.action')}
                        onSend={async (values) => {
                            await call('POST', 'password/forgotten', values);
                            setSent(true);
                        }}
                    />
                </div>
            )}
            {sent && <p role="status">{t('forgotten.sent')}</p>}
            <Link to="/sign-in">{t('forgotten.back')}</Link>
        </main>
    );
}
