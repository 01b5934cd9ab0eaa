import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { useTranslation } from 'react-i18next';
import { call } from '../api/client';
import { hasEnded, onSession, setPerson } from '../api/person';
import type { Member, SessionState } from '../api/types';
import { FieldForm } from './FieldForm';

function leaveFor(path: string): void {
    setPerson(null);
    window.location.assign(path);
}

/** The session ended elsewhere: signing in here goes on where one was. Somebody else begins afresh. */
export function SignInAgain({ person }: { person: Member }) {
    const { t } = useTranslation();
    const client = useQueryClient();
    const ended = useSyncExternalStore(onSession, hasEnded);
    const enter = async (values: Record<string, string>) => {
        const { user } = await call<Pick<SessionState, 'user'>>('POST', 'session', values);
        if (user?.id !== person.id) {
            // Nothing of what is on this page is theirs.
            return leaveFor('/jobs');
        }
        setPerson(person.id);
        await client.invalidateQueries({ queryKey: ['session'] });
        await client.refetchQueries({ predicate: (query) => query.state.status === 'error' });
    };
    return (
        <Dialog open={ended} aria-labelledby="sign-in-again" maxWidth="xs" fullWidth>
            <DialogTitle id="sign-in-again">{t('sign-in.again')}</DialogTitle>
            <DialogContent>
                <p className="muted" style={{ marginBottom: 14 }}>
                    {t('sign-in.again-text', { name: person.name })}
                </p>
                <FieldForm
                    fields={[
                        {
                            name: 'email',
                            label: t('field.email'),
                            type: 'email',
                            autoComplete: 'username',
                            start: person.email,
                        },
                        {
                            name: 'password',
                            label: t('field.password'),
                            type: 'password',
                            autoComplete: 'current-password',
                        },
                    ]}
                    action={t('sign-in.action')}
                    onSend={enter}
                />
                <Button color="inherit" sx={{ mt: 1 }} fullWidth onClick={() => window.location.assign('/sign-in')}>
                    {t('sign-in.somebody-else')}
                </Button>
            </DialogContent>
        </Dialog>
    );
}
