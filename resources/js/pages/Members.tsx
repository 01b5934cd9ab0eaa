import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, call } from '../api/client';
import { useSession } from '../api/queries';
import type { Member, Role } from '../api/types';
import { ROLES } from './roles';

/** Who is in the crew; an owner changes roles, lets back in whoever forgot the password, and shows out. */
export function Members({
    members,
    mayManage,
    again,
}: {
    members: Member[];
    mayManage: boolean;
    again: () => Promise<void>;
}) {
    const { t } = useTranslation();
    const own = useSession().data?.user?.id;
    const [leaving, setLeaving] = useState<Member | null>(null);
    const [said, setSaid] = useState<{ text: string; link?: string; bad?: boolean } | null>(null);
    const tell = async (what: () => Promise<{ text: string; link?: string } | null>) => {
        setSaid(null);
        try {
            setSaid(await what());
        } catch (error) {
            const text = (error instanceof ApiError && error.status === 409 && error.message409) || t('form.failed');
            setSaid({ text, bad: true });
        }
        await again();
    };
    const setRole = (member: Member, role: Role) =>
        tell(async () => {
            await call('PUT', `crew/members/${member.id}`, { role });
            return { text: t('crew.role-set', { name: member.name, role: t(`role.${role}`) }) };
        });
    const letIn = (member: Member) =>
        tell(async () => {
            const { link } = await call<{ link: string | null }>('POST', `crew/members/${member.id}/reset`);
            return link
                ? { text: t('crew.reset-link', { name: member.name }), link }
                : { text: t('crew.reset-mailed', { name: member.name }) };
        });
    const remove = (member: Member) =>
        tell(async () => {
            setLeaving(null);
            await call('DELETE', `crew/members/${member.id}`);
            return { text: t('crew.removed', { name: member.name }) };
        });
    return (
        <>
            <ul className="members">
                {members.map((member) => (
                    <li key={member.id}>
                        <b>{member.name}</b>
                        <span className="muted">{member.email}</span>
                        {mayManage ? (
                            <div className="controls">
                                <TextField
                                    select
                                    fullWidth={false}
                                    label={t('crew.role-of', { name: member.name })}
                                    value={member.role}
                                    sx={{ width: 168 }}
                                    onChange={(event) => void setRole(member, event.target.value as Role)}
                                >
                                    {ROLES.map((role) => (
                                        <MenuItem key={role} value={role}>
                                            {t(`role.${role}`)}
                                        </MenuItem>
                                    ))}
                                </TextField>
                                <Button
                                    aria-label={t('crew.reset-of', { name: member.name })}
                                    onClick={() => void letIn(member)}
                                >
                                    {t('crew.reset')}
                                </Button>
                                <Button
                                    color="error"
                                    disabled={member.id === own}
                                    aria-label={t('crew.remove-of', { name: member.name })}
                                    onClick={() => setLeaving(member)}
                                >
                                    {t('crew.remove')}
                                </Button>
                            </div>
                        ) : (
                            <span>{t(`role.${member.role}`)}</span>
                        )}
                    </li>
                ))}
            </ul>
            {said && (
                <div
                    className="finding"
                    data-severity={said.bad ? 'block' : 'note'}
                    role={said.bad ? 'alert' : 'status'}
                    style={{ marginTop: 12, overflowWrap: 'anywhere' }}
                >
                    {said.text} {said.link && <strong>{said.link}</strong>}
                </div>
            )}
            <Dialog open={leaving !== null} onClose={() => setLeaving(null)} aria-labelledby="remove-member">
                <DialogTitle id="remove-member">{t('crew.remove-title', { name: leaving?.name ?? '' })}</DialogTitle>
                <DialogContent>{t('crew.remove-text')}</DialogContent>
                <DialogActions>
                    <Button color="inherit" onClick={() => setLeaving(null)}>
                        {t('cancel')}
                    </Button>
                    <Button color="error" variant="contained" onClick={() => leaving && void remove(leaving)}>
                        {t('crew.remove-now')}
                    </Button>
                </DialogActions>
            </Dialog>
        </>
    );
}
