import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { call } from '../api/client';
import { useCatalogue } from '../api/queries';
import type { Member, Role } from '../api/types';
import { RuleTable } from '../bench/RuleTable';
import { FieldForm } from './FieldForm';
import { Members } from './Members';
import { OwnProfiles } from './OwnProfiles';
import { PageHead } from './PageHead';
import { ROLES } from './roles';

interface CrewState {
    name: string;
    rules: Record<string, number | string>;
    members: Member[];
    invitations: { id: number; email: string; role: Role; expiresAt: string }[];
    may: { invite: boolean; keepCatalogue: boolean };
}

/** The crew: who is in it, invitations, its own profiles, its house rules. */
export default function Crew() {
    const { t } = useTranslation();
    const client = useQueryClient();
    const crew = useQuery({ queryKey: ['crew'], queryFn: () => call<CrewState>('GET', 'crew') });
    const catalogue = useCatalogue();
    const again = () => client.invalidateQueries({ queryKey: ['crew'] });
    const setRules = async (rules: Record<string, number | string>) => {
        await call('PUT', 'crew/rules', { rules });
        await again();
    };
    if (!crew.data)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    const { members, invitations, rules, may } = crew.data;
    return (
        <main className="page">
            <PageHead title={crew.data.name} />
            <section className="sheet">
                <h2 style={{ marginTop: 0 }}>{t('crew.members')}</h2>
                <Members members={members} mayManage={may.invite} again={again} />
                {may.invite && <Invitations invitations={invitations} again={again} />}
            </section>
            <OwnProfiles mayChange={may.keepCatalogue} />
            <section className="sheet">
                <h2 style={{ marginTop: 0 }}>{t('rules.title')}</h2>
                <p className="muted small">{t('rules.crew-hint')}</p>
                {catalogue.data && (
                    <RuleTable
                        rules={catalogue.data.rules}
                        own={rules}
                        disabled={!may.keepCatalogue}
                        onSet={(key, value) => void setRules({ ...rules, [key]: value })}
                        onReset={(key) => {
                            const rest = { ...rules };
                            delete rest[key];
                            void setRules(rest);
                        }}
                    />
                )}
            </section>
        </main>
    );
}

function Invitations({ invitations, again }: { invitations: CrewState['invitations']; again: () => Promise<void> }) {
    const { t } = useTranslation();
    const [role, setRole] = useState<Role>('installer');
    const [made, setMade] = useState<{ link: string | null } | null>(null);
    return (
        <div style={{ marginTop: 18 }}>
            <h2>{t('crew.invite')}</h2>
            <FieldForm
                key={invitations.length}
                fields={[{ name: 'email', label: t('field.email'), type: 'email' }]}
                action={t('crew.invite-action')}
                onSend={async ({ email }) => {
                    setMade(await call<{ link: string | null }>('POST', 'crew/invitations', { email, role }));
                    await again();
                }}
            >
                <TextField
                    select
                    label={t('field.role')}
                    value={role}
                    onChange={(event) => setRole(event.target.value as Role)}
                >
                    {ROLES.map((role) => (
                        <MenuItem key={role} value={role}>
                            {t(`role.${role}`)}
                        </MenuItem>
                    ))}
                </TextField>
            </FieldForm>
            {made && (
                <div
                    className="finding"
                    data-severity="note"
                    role="status"
                    style={{ marginTop: 12, overflowWrap: 'anywhere' }}
                >
                    {made.link ? t('crew.link') : t('crew.invited')} {made.link && <strong>{made.link}</strong>}
                </div>
            )}
            {invitations.length > 0 && (
                <table className="plain" style={{ marginTop: 8 }}>
                    <tbody>
                        {invitations.map((invitation) => (
                            <tr key={invitation.id}>
                                <th scope="row">{invitation.email}</th>
                                <td className="muted">{t(`role.${invitation.role}`)}</td>
                                <td className="n muted">
                                    {t('crew.open-until', {
                                        day: new Date(invitation.expiresAt).toLocaleDateString([], {
                                            month: 'short',
                                            day: 'numeric',
                                        }),
                                    })}
                                </td>
                                <td className="n">
                                    <Button
                                        size="small"
                                        onClick={() =>
                                            void call('DELETE', `crew/invitations/${invitation.id}`).then(again)
                                        }
                                    >
                                        {t('crew.withdraw')}
                                    </Button>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </div>
    );
}
