import { listed } from '../words/lists';
import Divider from '@mui/material/Divider';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { useSession } from '../api/queries';
import { useLight } from '../theme/LightContext';
import type { Light } from '../theme/theme';
import { useLeaving } from './useLeaving';

const LIGHTS: Light[] = ['shop', 'sun', 'night'];

/** Who is signed in, the light to read by, the crew, and the way out. */
export function AccountMenu() {
    const { t } = useTranslation();
    const user = useSession().data?.user;
    const { leave, dialog } = useLeaving();
    const { light, setLight } = useLight();
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    if (!user) return null;
    const close = () => setAnchor(null);
    const initials = user.name
        .split(' ')
        .map((word) => word[0])
        .join('')
        .slice(0, 2);
    return (
        <>
            <IconButton
                aria-label={t('account.menu', { initials, name: user.name })}
                aria-haspopup="menu"
                onClick={(event) => setAnchor(event.currentTarget)}
                sx={{
                    width: 40,
                    height: 40,
                    border: '1px solid var(--rule)',
                    fontSize: 15,
                    fontWeight: 700,
                    color: 'inherit',
                    background: 'var(--card)',
                }}
            >
                {initials}
            </IconButton>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={close}>
                <MenuItem disabled>{listed(t, [user.name, t(`role.${user.role}`)])}</MenuItem>
                <Divider />
                {LIGHTS.map((one) => (
                    <MenuItem
                        key={one}
                        selected={one === light}
                        onClick={() => {
                            setLight(one);
                            close();
                        }}
                    >
                        {t(`light.${one}`)}
                    </MenuItem>
                ))}
                <Divider />
                <MenuItem component={Link} to="/jobs" onClick={close}>
                    {t('jobs.title')}
                </MenuItem>
                <MenuItem component={Link} to="/crew" onClick={close}>
                    {t('crew.title')}
                </MenuItem>
                <MenuItem component={Link} to="/account" onClick={close}>
                    {t('account.title')}
                </MenuItem>
                <MenuItem
                    onClick={() => {
                        close();
                        leave(false);
                    }}
                >
                    {t('account.sign-out')}
                </MenuItem>
            </Menu>
            {dialog}
        </>
    );
}
